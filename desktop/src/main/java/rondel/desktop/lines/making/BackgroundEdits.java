package rondel.desktop.lines.making;

import java.util.Optional;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.lines.check.Finding;
import rondel.lines.check.kinds.Mending;
import rondel.operation.Operation;
import rondel.words.Words;

/** Makes edits that may take their time: computed aside with progress and cancel, while other edits go on, and made in turn
 *  when the result is there. Where the job has changed meanwhile, it is computed again for the job as it is. */
public final class BackgroundEdits {

    /** How often it is computed before the person is told that the job keeps changing. */
    private static final int TRIES = 3;

    private final Desk desk;
    private final Progress progress;
    private final FillingRun filling;
    private final Preview preview;
    private final ShapeChoice shapes = new ShapeChoice();

    public BackgroundEdits(Desk desk, Progress progress, FillingRun filling, Preview preview) {
        this.desk = desk;
        this.progress = progress;
        this.filling = filling;
        this.preview = preview;
    }

    /** How shapes are made from shapes. */
    public ShapeChoice shapes() {
        return shapes;
    }

    /** Those that can be watched, and stopped early. */
    public FillingRun filling() {
        return filling;
    }

    public void make(Operation operation) {
        make(operation, () -> {});
    }

    /** @param ended hears when it has been computed, one way or another */
    public void make(Operation operation, Runnable ended) {
        Optional<Job> shown = preview.finished(operation);
        if (shown.isPresent()) {
            take(operation, desk.bench().job(), shown.get(), ended, TRIES);
            ended.run();
            return;
        }
        desk.bench().whenSettled(() -> compute(operation, ended, TRIES));
    }

    /** Makes the fix of a finding, if that leaves nothing worse.
     *
     * @param mending worked with off the toolkit's thread */
    public void mend(Finding finding, Mending mending) {
        Job job = desk.bench().job();
        progress.run(Words.of("findings.mending"), () -> mending.make(finding, job), mended -> desk.bench()
                .perform(mended.fix(), job, mended.job(), () -> desk.notices()
                        .refuse(Words.of("notice.changedMeanwhile", mended.fix().label()))));
    }

    private void compute(Operation operation, Runnable ended, int tries) {
        Job job = desk.bench().job();
        Editing editing = desk.bench().history().editing();
        progress.run(
                operation.label(),
                () -> editing.apply(operation, job),
                result -> take(operation, job, result, ended, tries),
                ended);
    }

    private void take(Operation operation, Job job, Job result, Runnable ended, int tries) {
        desk.bench().perform(operation, job, result, () -> {
            if (tries > 1) {
                compute(operation, ended, tries - 1);
            } else {
                desk.notices().refuse(Words.of("notice.changedMeanwhile", operation.label()));
            }
        });
    }
}
