package rondel.desktop.handoff;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandHint;
import rondel.desktop.command.Commands;
import rondel.desktop.field.RovingPane;
import rondel.desktop.handoff.making.HandOffModel;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.formats.handoff.PlannedFile;
import rondel.words.ShippedNames;
import rondel.words.Words;

/** The files of the set as they will be, each as a picture with its name and sizes, over the press that makes them all. */
public final class FilesView extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final HandOffModel model;
    private final FlowPane files = new RovingPane(14, 14);
    private final Label title = new Label();
    private final Label summary = new Label();
    private final Label held = new Label();
    private final Label empty = new Label();
    private List<PlannedFile> shown = List.of();

    public FilesView(HandOffModel model, Commands commands) {
        super(0);
        this.model = model;
        setId("handoff-middle");
        getStyleClass().add("run-loaded");
        files.getStyleClass().add("handoff-files");
        files.setAlignment(Pos.TOP_LEFT);
        title.getStyleClass().add("side-title");
        title.setId("handoff-title");
        empty.setId("handoff-empty");
        empty.setWrapText(true);
        empty.getStyleClass().add("quiet");
        empty.managedProperty().bind(empty.visibleProperty());
        VBox head = new VBox(3, HelpButton.titled(title, GuidePage.HAND_OFF), empty);
        head.getStyleClass().add("handoff-head");
        ScrollPane scroll = new ScrollPane(files);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        summary.setId("handoff-summary");
        held.setId("handoff-held");
        held.setWrapText(true);
        held.getStyleClass().add("pass-state");
        held.managedProperty().bind(held.visibleProperty());
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        Button folder = button(commands.get("makeHandOff"), "handoff-make");
        folder.getStyleClass().add("accent");
        Button zip = button(commands.get("makeZip"), "handoff-zip");
        HBox bar = new HBox(8, summary, between, zip, folder);
        bar.setAlignment(Pos.CENTER_LEFT);
        VBox foot = new VBox(5, held, bar);
        foot.getStyleClass().add("run-bar");
        getChildren().addAll(head, scroll, foot);
        model.onChange(this::follow);
        follow();
    }

    private static Button button(Command command, String id) {
        Button button = new Button(command.label());
        button.setId(id);
        button.setMinWidth(USE_PREF_SIZE);
        CommandHint.on(button, command);
        button.setOnAction(e -> command.run());
        return button;
    }

    private void follow() {
        Optional<HandOffModel.Planned> planned = model.planned();
        List<PlannedFile> now = planned.map(HandOffModel.Planned::files).orElse(List.of());
        title.setText(ShippedNames.shown(model.set().name()));
        String why = planned.map(p -> !p.refused().isEmpty()
                        ? p.refused()
                        : p.files().isEmpty()
                                ? Words.of(
                                        "handoff.nothingIn",
                                        ShippedNames.shown(p.set().name()))
                                : "")
                .orElse(Words.of("handoff.working"));
        empty.setText(why);
        empty.setVisible(!why.isEmpty());
        if (now != shown) {
            shown = now;
            files.getChildren()
                    .setAll(now.stream().map(f -> new FileCard(model, f)).toList());
        }
        Optional<PlannedFile> chosen = model.file();
        files.getChildren().forEach(n -> {
            if (n instanceof FileCard card) {
                card.follow();
                card.pseudoClassStateChanged(
                        CHOSEN, chosen.filter(card.file()::equals).isPresent());
            }
        });
        summary.setText(
                now.isEmpty()
                        ? ""
                        : Words.of("handoff.files", now.size())
                                + model.bytes()
                                        .map(b -> ", " + Words.of("handoff.about", FileWords.bytes(b)))
                                        .orElse(""));
        int kept = planned.map(p -> p.held().size()).orElse(0);
        held.setVisible(kept > 0);
        held.setText(Words.of("handoff.held", kept));
    }
}
