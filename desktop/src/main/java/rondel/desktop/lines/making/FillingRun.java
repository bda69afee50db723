package rondel.desktop.lines.making;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.sheet.SheetView;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.lines.filling.FillOutline;
import rondel.words.Words;

/** Fills an outline in the background while the person watches it get fuller: it can be called off, or stopped and kept as it
 *  is by then. */
public final class FillingRun {

    private static final long BETWEEN_SIGHTS = 300_000_000L;

    private final Desk desk;
    private final Progress progress;
    private final SheetView sheet;

    public FillingRun(Desk desk, Progress progress, SheetView sheet) {
        this.desk = desk;
        this.progress = progress;
        this.sheet = sheet;
    }

    /** What the watching thread and the toolkit's tell each other. */
    private static final class Under {
        private volatile boolean stopped;
        private volatile int rounds = -1;
        private volatile boolean ended;
        private volatile boolean waiting;
        private long seen;
    }

    /** Begins once every edit that was asked for before is made. */
    public void start(FillOutline operation) {
        desk.bench().whenSettled(() -> begin(operation));
    }

    private void begin(FillOutline operation) {
        Job job = desk.bench().job();
        Editing editing = desk.bench().history().editing();
        Under under = new Under();
        progress.runUntilStopped(
                operation.label(),
                () -> {
                    Job filled = operation.apply(job, (rounds, asItIs) -> {
                        under.rounds = rounds;
                        show(under, asItIs);
                        return !under.stopped;
                    });
                    return editing.follow(job, filled);
                },
                result -> {
                    FillOutline made = new FillOutline(
                            operation.outline(),
                            operation.drawings(),
                            under.stopped ? operation.settings().withRounds(under.rounds) : operation.settings());
                    desk.bench().perform(made, job, result, () -> desk.notices()
                            .refuse(Words.of("notice.changedMeanwhile", made.label())));
                },
                () -> under.stopped = true,
                () -> {
                    under.ended = true;
                    sheet.showPreview(Optional.empty());
                });
    }

    /** Ends the filling that is under way with what it has. */
    public void stopAndKeep() {
        progress.stopAndKeep();
    }

    public boolean isUnderWay() {
        return progress.canStop();
    }

    private void show(Under under, Supplier<Job> asItIs) {
        long now = System.nanoTime();
        if (under.waiting || now - under.seen < BETWEEN_SIGHTS) {
            return;
        }
        under.seen = now;
        under.waiting = true;
        Job seen = asItIs.get();
        Platform.runLater(() -> {
            under.waiting = false;
            if (!under.ended) {
                sheet.showPreview(Optional.of(seen));
                progress.say(Words.of("filling.underWay", under.rounds));
            }
        });
    }
}
