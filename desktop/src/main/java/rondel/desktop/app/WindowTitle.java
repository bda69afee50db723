package rondel.desktop.app;

import java.util.EnumSet;
import java.util.OptionalDouble;
import javafx.stage.Stage;
import rondel.desktop.desk.Progress;
import rondel.desktop.files.JobHolding;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Change;
import rondel.desktop.run.running.RunActions;
import rondel.words.Words;

/** The window's title, which every system's task bar shows: the file's name, a mark while there is anything unsaved, and how far work has come that
 *  one waits for. */
final class WindowTitle {

    private static final double WHOLE = 100;

    private final Stage stage;
    private final Bench bench;
    private final Progress progress;
    private final JobHolding holding;
    private final RunActions run;

    WindowTitle(Stage stage, Bench bench, Progress progress, JobHolding holding, RunActions run) {
        this.stage = stage;
        this.bench = bench;
        this.progress = progress;
        this.holding = holding;
        this.run = run;
        bench.on(EnumSet.of(Change.JOB, Change.FILE, Change.WORK), this::entitle);
        progress.onAdvance(this::entitle);
        holding.onChange(this::entitle);
        run.sending().onChange(this::entitle);
        run.sewing().sending().onChange(this::entitle);
        entitle();
    }

    private void entitle() {
        String name = bench.file()
                .map(f -> f.getFileName().toString())
                .orElse(bench.job().title());
        String named = holding.isToRead() ? Words.of("window.toRead", name) : name;
        String title = Words.of(bench.unsaved() ? "window.unsaved" : "window.title", named);
        OptionalDouble advance =
                run.machine().isRunning() ? OptionalDouble.of(run.machine().share()) : progress.advance();
        stage.setTitle(
                advance.isEmpty()
                        ? title
                        : advance.getAsDouble() < 0
                                ? Words.of("window.working", title)
                                : Words.of("window.advance", Math.round(WHOLE * advance.getAsDouble()), title));
    }
}
