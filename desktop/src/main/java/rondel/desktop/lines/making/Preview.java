package rondel.desktop.lines.making;

import java.util.EnumSet;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Workers;
import rondel.desktop.model.Change;
import rondel.desktop.sheet.SheetView;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Shows on the sheet what an edit would make, while its figures are being chosen: computed in the background once the person
 *  pauses, the one before it called off. Nothing is changed by it. */
public final class Preview {

    private static final Duration PAUSE = Duration.millis(180);

    private final Desk desk;
    private final SheetView sheet;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final ReadOnlyBooleanWrapper working = new ReadOnlyBooleanWrapper();
    private Supplier<Optional<Proposal>> proposed = Optional::empty;
    private Optional<Finished> finished = Optional.empty();
    private Optional<Workers.Task> task = Optional.empty();
    private int asked;
    private boolean underWay;

    /** An edit whose result has been shown. */
    private record Finished(Operation operation, Job base, Job result) {}

    public Preview(Desk desk, SheetView sheet) {
        this.desk = desk;
        this.sheet = sheet;
        pause.setOnFinished(e -> compute());
        desk.bench().on(EnumSet.of(Change.JOB, Change.SELECTION, Change.SHEET), () -> {
            finished = finished.filter(f -> f.base == desk.bench().job());
            if (underWay) {
                propose(proposed);
            }
        });
    }

    /** Shows what an edit would make.
     *
     * @param edit asked when it is to be computed, run in the background; nothing where there is none to be made now */
    public void propose(Supplier<Optional<Proposal>> edit) {
        proposed = edit;
        underWay = true;
        pause.playFromStart();
    }

    /** Shows the job as it is again. */
    public void end() {
        underWay = false;
        pause.stop();
        cancel();
        sheet.showPreview(Optional.empty());
    }

    /** What an edit makes of the job as it is, with what follows from it, where that has been shown: it is not computed again. */
    Optional<Job> finished(Operation operation) {
        return finished.filter(f -> f.base == desk.bench().job() && f.operation.equals(operation))
                .map(Finished::result);
    }

    /** Whether what would be made is being computed. */
    public ReadOnlyBooleanProperty working() {
        return working.getReadOnlyProperty();
    }

    /** Whether nothing is being computed, or about to be. */
    public boolean isIdle() {
        return !working.get() && pause.getStatus() != Animation.Status.RUNNING;
    }

    private void cancel() {
        asked++;
        working.set(false);
        task.ifPresent(Workers.Task::cancel);
    }

    private void compute() {
        cancel();
        Job job = desk.bench().job();
        Editing editing = desk.bench().history().editing();
        Optional<Proposal> edit = made();
        if (edit.isEmpty()) {
            sheet.showPreview(Optional.empty());
            return;
        }
        working.set(true);
        int now = asked;
        task = Optional.of(desk.workers()
                .run(
                        () -> edit.get().edit().apply(editing, job),
                        result -> {
                            finished = edit.get().exactly().map(o -> new Finished(o, job, result));
                            ended(
                                    now,
                                    Optional.of(result).filter(r -> desk.bench().job() == job));
                        },
                        failure -> ended(now, Optional.empty()),
                        () -> {}));
    }

    /** Shows what was computed, unless something else has been asked for meanwhile. */
    private void ended(int then, Optional<Job> result) {
        if (then == asked) {
            working.set(false);
            sheet.showPreview(result);
        }
    }

    /** What can't be said yet, as a length is half typed, is no edit. */
    private Optional<Proposal> made() {
        try {
            return proposed.get();
        } catch (Refusal e) {
            return Optional.empty();
        }
    }
}
