package rondel.desktop.run.sewing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.run.running.RunActions;
import rondel.desktop.run.running.RunModel;
import rondel.desktop.run.running.SewingActions;
import rondel.desktop.run.running.SewnPass;
import rondel.job.ElementId;
import rondel.job.Located;
import rondel.job.SewnPart;
import rondel.operation.Targets;
import rondel.run.stitch.PartStart;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Words;

/** Threads in the order in which they are put in, each with what it sews; both are put elsewhere by dragging, or by Alt with the arrows. */
public final class ThreadsSection extends VBox {

    private static final PseudoClass HELD = PseudoClass.getPseudoClass("held");

    private final RunModel model;
    private final SewingActions sewing;
    private final VBox rows = new VBox(2);
    private Optional<StitchPattern> shown = Optional.empty();

    public ThreadsSection(RunActions actions, Commands commands) {
        super(8);
        this.model = actions.model();
        this.sewing = actions.sewing();
        rows.setId("sew-threads");
        RovingFocus.over(rows);
        Label hint = new Label(Words.of("sew.dragHint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        FlowPane buttons = new RovingPane(6, 6);
        for (String id : List.of("sewEarlier", "sewLater", "orderAfresh")) {
            buttons.getChildren().add(CommandButton.of(commands.get(id)));
        }
        StackPane list = new StackPane(rows);
        new ThreadDrag(rows, list);
        getChildren().addAll(hint, list, buttons);
        model.onChange(this::follow);
        sewing.threads().read(all -> {
            shown = Optional.empty();
            follow();
        });
    }

    private void follow() {
        Optional<SewnPass> sewn = model.sewn();
        if (sewn.isPresent() && shown.filter(s -> s == sewn.get().pattern()).isEmpty()) {
            shown = Optional.of(sewn.get().pattern());
            show(sewn.get().pattern());
        }
        rows.getChildren().forEach(r -> {
            if (r instanceof ThreadRow.Part part) {
                boolean held = part.part().path().stream().anyMatch(model.held()::contains);
                part.pseudoClassStateChanged(HELD, held);
            }
        });
    }

    private void show(StitchPattern pattern) {
        List<ThreadRow> all = new ArrayList<>();
        int part = 0;
        for (int t = 0; t < pattern.runs().size(); t++) {
            ThreadRun run = pattern.runs().get(t);
            ThreadRow.Thread row = new ThreadRow.Thread(t, run, sewing.threadName(run.thread()));
            row.onMove(sewing::moveThread, pattern.runs().size());
            all.add(row);
            for (PartStart start : run.parts()) {
                ThreadRow.Part own = new ThreadRow.Part(part++, start.part(), name(start.part()));
                ElementId onSheet = start.part().path().getFirst();
                own.onMove(
                        sewing::movePart,
                        pattern.runs().stream().mapToInt(r -> r.parts().size()).sum());
                own.onChosen(adding -> model.hold(Optional.of(onSheet), adding));
                all.add(own);
            }
        }
        rows.getChildren().setAll(all);
    }

    private String name(SewnPart part) {
        String name = model.sheet()
                .find(part.element())
                .or(() -> model.sheet().find(part.path().getFirst()))
                .map(Located::element)
                .map(Targets::display)
                .orElse(part.element().value());
        return part.line() ? Words.of("sew.lineOf", name) : name;
    }
}
