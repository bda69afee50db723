package rondel.desktop.app;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.util.Duration;
import rondel.words.Refusal;
import rondel.words.Words;

/** Runs what takes time in the background; after 0.3 s it shows what is going on, with a way to call it off. */
public final class Progress extends HBox {

    private static final Duration PATIENCE = Duration.millis(300);

    private final Workers workers;
    private final Notices notices;
    private final Label label = new Label();
    private final Button keep = new Button(Words.of("progress.keep"));
    private final Button cancel = new Button(Words.of("progress.cancel"));
    private Runnable stopping = () -> {};
    private final Set<Workers.Task> running = new LinkedHashSet<>();

    public Progress(Workers workers, Notices notices) {
        super(8);
        this.workers = workers;
        this.notices = notices;
        getStyleClass().add("progress-strip");
        cancel.setId("cancel");
        cancel.getStyleClass().add("small");
        cancel.setOnAction(e -> List.copyOf(running).forEach(Workers.Task::cancel));
        keep.setId("keep");
        keep.getStyleClass().add("small");
        keep.setOnAction(e -> stopAndKeep());
        keep.managedProperty().bind(keep.visibleProperty());
        keep.setVisible(false);
        ProgressBar bar = new ProgressBar(ProgressBar.INDETERMINATE_PROGRESS);
        bar.setPrefWidth(110);
        getChildren().addAll(label, bar, keep, cancel);
        setVisible(false);
        managedProperty().bind(visibleProperty());
    }

    /** @param done hears of the result on the toolkit's thread, unless it was called off */
    public <T> void run(String what, Callable<T> work, Consumer<T> done) {
        run(what, work, done, () -> {});
    }

    /** @param ended hears, after {@code done}, when it has ended, one way or another */
    public <T> void run(String what, Callable<T> work, Consumer<T> done, Runnable ended) {
        run(new Under(what, ended), work, done);
    }

    /** As {@link #run}, for work that gets better the longer it goes on, and can be stopped early.
     *
     * @param stop tells the work to end with what it has
     * @param ended hears when it has ended, one way or another */
    public <T> void runUntilStopped(String what, Callable<T> work, Consumer<T> done, Runnable stop, Runnable ended) {
        stopping = stop;
        keep.setVisible(true);
        Under under = new Under(what, () -> {
            stopping = () -> {};
            keep.setVisible(false);
            ended.run();
        });
        run(under, work, done);
    }

    /** Ends work that can be stopped early, with what it has by now. */
    public void stopAndKeep() {
        stopping.run();
    }

    public boolean canStop() {
        return keep.isVisible();
    }

    /** Says how far the work has come. */
    public void say(String how) {
        label.setText(how);
    }

    private <T> void run(Under under, Callable<T> work, Consumer<T> done) {
        under.task = workers.run(
                work,
                result -> {
                    under.close();
                    done.accept(result);
                    under.ended.run();
                },
                failure -> {
                    under.close();
                    under.ended.run();
                    notices.refuse(
                            failure instanceof Refusal ? failure.getMessage() : Words.of("cli.unexpected", failure));
                },
                () -> {
                    under.close();
                    under.ended.run();
                    notices.say(Words.of("progress.cancelled"));
                });
        running.add(under.task);
    }

    public boolean isIdle() {
        return running.isEmpty();
    }

    /** One piece of work under way; it shows once it takes longer than people wait gladly. */
    private final class Under {
        private final PauseTransition wait = new PauseTransition(PATIENCE);
        private final Runnable ended;
        private Workers.Task task;

        Under(String what, Runnable ended) {
            this.ended = ended;
            wait.setOnFinished(e -> {
                label.setText(what);
                setVisible(true);
            });
            wait.play();
        }

        void close() {
            wait.stop();
            running.remove(task);
            setVisible(isVisible() && !running.isEmpty());
        }
    }
}
