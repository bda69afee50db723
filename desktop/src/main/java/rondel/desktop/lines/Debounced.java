package rondel.desktop.lines;

import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Workers;
import rondel.job.Job;

/** Works something out in the background once the person has paused and what they look at is painted. Only what was asked for last is
 *  told, and only while the job is still the same. */
final class Debounced<T> {

    /** As many pauses are waited for what is painted: something may move all the time. */
    private static final int MOST = 30;

    private final Desk desk;
    private final PauseTransition pause;
    private final Supplier<Callable<T>> asked;
    private final Consumer<T> then;
    private Workers.Task task;
    private int waited;

    /** @param asked tells, when the pause is over, what is to be worked out
     *  @param then hears of it */
    Debounced(Desk desk, Duration pause, Supplier<Callable<T>> asked, Consumer<T> then) {
        this.desk = desk;
        this.pause = new PauseTransition(pause);
        this.asked = asked;
        this.then = then;
        this.pause.setOnFinished(e -> find());
    }

    /** Begins the pause anew. */
    void restart() {
        pause.playFromStart();
    }

    void close() {
        pause.stop();
    }

    private void find() {
        if (desk.workers().isPainting() && waited < MOST) {
            waited++;
            pause.playFromStart();
            return;
        }
        waited = 0;
        if (task != null) {
            task.cancel();
        }
        Job job = desk.bench().job();
        task = desk.workers()
                .run(
                        asked.get(),
                        found -> {
                            if (job == desk.bench().job()) {
                                then.accept(found);
                            }
                        },
                        desk.notices()::failed,
                        () -> {});
    }
}
