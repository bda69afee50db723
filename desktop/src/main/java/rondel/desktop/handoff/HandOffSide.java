package rondel.desktop.handoff;

import javafx.scene.Node;
import javafx.scene.control.Accordion;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Commands;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.handoff.making.HandOffActions;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.words.Words;

/** What is known of the file that is looked at, what the job is made of, and the shop. */
public final class HandOffSide extends VBox {

    public HandOffSide(HandOffActions actions, Commands commands) {
        super(10);
        setId("handoff-right");
        getStyleClass().addAll("side", "measure");
        HBox title = HelpButton.titled("handoff.about.title", GuidePage.HAND_OFF);
        Accordion parts = new Accordion(
                titled("file", new FileSection(actions.model())),
                titled("ledger", new LedgerSection(actions.model())),
                titled("shop", new ShopSection(actions, commands)));
        parts.setId("handoff-parts");
        RovingFocus.over(parts);
        parts.setExpandedPane(parts.getPanes().getFirst());
        ScrollPane scroll = new ScrollPane(parts);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(title, scroll);
    }

    private static TitledPane titled(String key, Node content) {
        TitledPane part = new TitledPane(Words.of("handoff.part." + key), new VBox(6, content));
        part.setId("part-" + key);
        part.getStyleClass().add("part");
        part.setAnimated(false);
        return part;
    }
}
