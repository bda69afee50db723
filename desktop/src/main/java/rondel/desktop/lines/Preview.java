package rondel.desktop.lines;

import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.desktop.app.Desk;
import rondel.desktop.app.Workers;
import rondel.desktop.sheet.SheetView;
import rondel.job.Job;
import rondel.link.Following;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Shows on the sheet what an edit would make, while its figures are being chosen: computed in the background once the person
 *  pauses, the one before it called off. Nothing is changed by it. */
public final class Preview {

    private static final Duration PAUSE = Duration.millis(180);

    private final Desk desk;
    private final SheetView sheet;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private Supplier<Optional<Operation>> proposed = Optional::empty;
    private Workers.Task task;
    private boolean underWay;

    public Preview(Desk desk, SheetView sheet) {
        this.desk = desk;
        this.sheet = sheet;
        pause.setOnFinished(e -> compute());
        desk.bench().onChange(() -> {
            if (underWay) {
                propose(proposed);
            }
        });
    }

    /** Shows what an edit would make.
     *
     * @param operation asked when it is to be computed; nothing where there is none to be made now */
    public void propose(Supplier<Optional<Operation>> operation) {
        proposed = operation;
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

    private void cancel() {
        if (task != null) {
            task.cancel();
        }
    }

    private void compute() {
        cancel();
        Job job = desk.bench().job();
        Optional<Operation> operation = made();
        if (operation.isEmpty()) {
            sheet.showPreview(Optional.empty());
            return;
        }
        task = desk.workers()
                .run(
                        () -> Following.apply(operation.get(), job),
                        result -> {
                            if (underWay && desk.bench().job() == job) {
                                sheet.showPreview(Optional.of(result));
                            }
                        },
                        failure -> {
                            if (!(failure instanceof CancellationException)) {
                                sheet.showPreview(Optional.empty());
                            }
                        },
                        () -> {});
    }

    /** What can't be said yet, as a length is half typed, is no edit. */
    private Optional<Operation> made() {
        try {
            return proposed.get();
        } catch (Refusal e) {
            return Optional.empty();
        }
    }
}
