package rondel.desktop.lines;

import java.util.function.Consumer;
import rondel.desktop.app.Desk;
import rondel.desktop.app.Progress;
import rondel.job.Job;
import rondel.link.Following;
import rondel.operation.Operation;
import rondel.words.Words;

/** Makes edits that may take their time: computed in the background with progress and cancel, and made when the result is
 *  there, unless the job was changed meanwhile. */
public final class BackgroundEdits {

    private final Desk desk;
    private final Progress progress;
    private final FillingRun filling;
    private final ShapeChoice shapes = new ShapeChoice();

    public BackgroundEdits(Desk desk, Progress progress, FillingRun filling) {
        this.desk = desk;
        this.progress = progress;
        this.filling = filling;
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

    /** @param ended hears when it has ended, one way or another */
    public void make(Operation operation, Runnable ended) {
        Job job = desk.bench().job();
        Consumer<Job> done = result -> {
            if (!desk.bench().perform(operation, job, result)) {
                desk.notices().refuse(Words.of("notice.changedMeanwhile", operation.label()));
            }
        };
        progress.run(operation.label(), () -> Following.apply(operation, job), done, ended);
    }
}
