package rondel.desktop.run;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.ChoiceCard;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.Hint;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.job.Rgba;
import rondel.run.passes.Pass;
import rondel.words.Words;

/** The run sheet: the passes of the sheet as cards, in the order in which they are made. */
public final class PassesView extends VBox {

    private final RunActions actions;
    private final RunModel model;
    private final VBox cards = new VBox(8);
    private final Label empty = new Label();
    private List<Pass> shown = List.of();

    public PassesView(RunActions actions, Commands commands) {
        super(10);
        this.actions = actions;
        this.model = actions.model();
        setId("run-left");
        getStyleClass().addAll("side", "shelf");
        HBox title = HelpButton.titled("run.passes", GuidePage.RUN);
        empty.setId("run-empty");
        empty.setWrapText(true);
        empty.getStyleClass().add("quiet");
        empty.managedProperty().bind(empty.visibleProperty());
        ScrollPane scroll = new ScrollPane(RovingFocus.overCards(cards));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        FlowPane buttons = new RovingPane(6, 6);
        for (String id :
                List.of("passEarlier", "passLater", "joinPass", "splitPass", "linesToPass", "materialsByColour")) {
            buttons.getChildren().add(CommandButton.of(commands.get(id)));
        }
        getChildren().addAll(title, empty, scroll, buttons);
        model.onChange(this::follow);
        follow();
    }

    private void follow() {
        List<Pass> passes = model.passes();
        empty.setVisible(passes.isEmpty());
        empty.setText(Words.of(model.isKnown() ? "pass.nothing" : "run.working"));
        if (passes != shown) {
            shown = passes;
            cards.getChildren().clear();
            for (int i = 0; i < passes.size(); i++) {
                cards.getChildren().add(new Card(i + 1, passes.get(i)));
            }
        }
        Optional<Pass> chosen = model.pass();
        cards.getChildren().forEach(c -> {
            if (c instanceof Card card) {
                card.follow();
                boolean now =
                        chosen.filter(p -> p.key().equals(card.pass.key())).isPresent();
                card.mark(now);
            }
        });
    }

    private static int things(Pass pass) {
        return (int) pass.lines().stream().map(l -> l.path()).distinct().count();
    }

    /** One pass. */
    private final class Card extends ChoiceCard {

        private final Pass pass;
        private final Label figures = new Label();
        private String lines = "";
        private String box = "";

        Card(int number, Pass pass) {
            super(
                    "pass-" + number,
                    pass.name() + ", " + Words.of("pass.state." + pass.state()),
                    () -> model.choose(pass.key()));
            this.pass = pass;
            Region swatch = new Region();
            swatch.getStyleClass().add("pass-swatch");
            Rgba c = pass.material().colour();
            swatch.setStyle("-fx-background-color: " + c.withAlpha(255).hex() + ";");
            Label count = new Label(String.valueOf(number));
            count.getStyleClass().add("pass-number");
            Label name = new Label(pass.name());
            name.getStyleClass().add("pass-name");
            name.setMinWidth(0);
            name.setWrapText(true);
            name.setMinHeight(USE_PREF_SIZE);
            name.setMaxWidth(Double.MAX_VALUE);
            Hint.on(name, pass.name());
            HBox.setHgrow(name, Priority.ALWAYS);
            CheckBox done = new CheckBox();
            done.setId("done-" + number);
            done.setSelected(pass.state() == Pass.State.DONE);
            Hint.on(done, Words.of("run.done"));
            done.setAccessibleText(Words.of("run.doneOf", pass.name()));
            done.setOnAction(e -> actions.passes().done(pass));
            HBox top = new HBox(7, count, swatch, name, done);
            top.setAlignment(Pos.CENTER_LEFT);
            getChildren().add(top);
            quiet(pass.load().sentence());
            if (!pass.isPrint()) {
                figures.setWrapText(true);
                figures.getStyleClass().add("quiet");
                getChildren().add(figures);
                lines = pass.isStitch()
                        ? Words.of("sew.things", things(pass))
                        : Words.of(
                                pass.contours().size() == 1 ? "run.oneLine" : "run.lines",
                                String.valueOf(pass.contours().size()),
                                Spans.length(pass.length()));
                box = pass.extent()
                        .filter(b -> !pass.isStitch())
                        .map(b -> ", "
                                + Words.of(
                                        "run.takes",
                                        String.valueOf(Math.round(b.width())),
                                        String.valueOf(Math.round(b.height()))))
                        .orElse("");
            }
            if (pass.state() == Pass.State.CHANGED || pass.state() == Pass.State.SKIPPED) {
                Label state = new Label(Words.of("pass.state." + pass.state()));
                state.getStyleClass().add("pass-state");
                getChildren().add(state);
            }
            if (pass.state() == Pass.State.SKIPPED) {
                getStyleClass().add("pass-skipped");
            }
        }

        /** How long it takes is known later than the rest. */
        private void follow() {
            figures.setText(
                    lines + model.seconds(pass).map(s -> ", " + Spans.time(s)).orElse("") + box);
        }

        private void quiet(String text) {
            Label label = new Label(text);
            label.setWrapText(true);
            label.getStyleClass().add("quiet");
            getChildren().add(label);
        }
    }
}
