package rondel.desktop.handoff;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.ChoiceCard;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.NameLabel;
import rondel.job.HandOffSet;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** The sets of files that can leave the job: its own, and those that ship. */
public final class SetsView extends VBox {

    private final HandOffModel model;
    private final VBox cards = new VBox(8);
    private List<HandOffSet> shown = List.of();

    public SetsView(HandOffModel model, Commands commands) {
        super(10);
        this.model = model;
        setId("handoff-left");
        getStyleClass().addAll("side", "shelf");
        HBox title = HelpButton.titled("handoff.sets", GuidePage.HAND_OFF);
        ScrollPane scroll = new ScrollPane(RovingFocus.overCards(cards));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        FlowPane buttons = new RovingPane(6, 6);
        for (String id : List.of("newSet", "changeSet", "removeSet")) {
            buttons.getChildren().add(CommandButton.of(commands.get(id)));
        }
        getChildren().addAll(title, scroll, buttons);
        model.onChange(this::follow);
        follow();
    }

    private void follow() {
        List<HandOffSet> sets = model.sets();
        if (!sets.equals(shown)) {
            shown = sets;
            cards.getChildren().clear();
            for (int i = 0; i < sets.size(); i++) {
                cards.getChildren().add(new Card(i, sets.get(i), model));
            }
        }
        HandOffSet chosen = model.set();
        cards.getChildren().forEach(c -> {
            if (c instanceof Card card) {
                card.mark(card.set.name().equals(chosen.name()));
            }
        });
    }

    /** One set. */
    private static final class Card extends ChoiceCard {

        private final HandOffSet set;

        Card(int at, HandOffSet set, HandOffModel model) {
            super("set-" + (at + 1), ShippedNames.shown(set.name()), () -> model.choose(set.name()));
            this.set = set;
            Label name = new NameLabel(ShippedNames.shown(set.name()));
            name.getStyleClass().add("pass-name");
            name.setWrapText(true);
            Label what = new Label(Words.of("handoff.outputs", set.outputs().size())
                    + (set.forSale() ? Words.of("handoff.forSale") : "")
                    + (model.isOwn(set) ? Words.of("handoff.own") : ""));
            what.getStyleClass().add("quiet");
            what.setWrapText(true);
            getChildren().addAll(name, what);
        }
    }
}
