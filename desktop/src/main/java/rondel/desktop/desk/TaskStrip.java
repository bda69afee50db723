package rondel.desktop.desk;

import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.util.Duration;
import rondel.progress.Advance;
import rondel.words.Words;

/** One piece of work under way: what it is, how far it has come, and its own Cancel. */
final class TaskStrip extends HBox {

    /** How long people wait gladly without being told. */
    private static final Duration PATIENCE = Duration.millis(300);

    private final Label label = new Label();
    private final ProgressBar bar = new ProgressBar(ProgressBar.INDETERMINATE_PROGRESS);
    private final Button keep = new Button(Words.of("progress.keep"));
    private final Button cancel = new Button(Words.of("progress.cancel"));
    private final PauseTransition wait = new PauseTransition(PATIENCE);
    private final AtomicBoolean told = new AtomicBoolean();
    private Optional<Runnable> stopping = Optional.empty();
    private Workers.Task task = new Workers.Task();
    private boolean patienceOver;

    /** @param shown runs when it has gone on for so long that it is to be shown */
    TaskStrip(String what, Runnable shown) {
        super(8);
        setAlignment(Pos.CENTER_LEFT);
        label.setText(what);
        bar.setPrefWidth(110);
        bar.setAccessibleText(what);
        cancel.setId("cancel");
        cancel.getStyleClass().add("small");
        cancel.setAccessibleText(Words.of("progress.cancelThis", what));
        cancel.setOnAction(e -> task.cancel());
        keep.setId("keep");
        keep.getStyleClass().add("small");
        keep.setOnAction(e -> stop());
        keep.managedProperty().bind(keep.visibleProperty());
        keep.setVisible(false);
        getChildren().addAll(label, bar, keep, cancel);
        wait.setOnFinished(e -> {
            patienceOver = true;
            shown.run();
        });
    }

    void begin(Workers.Task work) {
        task = work;
        wait.play();
    }

    void end() {
        wait.stop();
    }

    /** From 0 to 1; below 0 where it can't be told. */
    ReadOnlyDoubleProperty advance() {
        return bar.progressProperty();
    }

    boolean isPatienceOver() {
        return patienceOver;
    }

    void canBeStopped(Runnable stop) {
        stopping = Optional.of(stop);
        keep.setVisible(true);
    }

    boolean isStoppable() {
        return stopping.isPresent();
    }

    void stop() {
        stopping.ifPresent(Runnable::run);
    }

    void say(String how) {
        label.setText(how);
    }

    /** The work, with what it tells of its advance shown; no more often than it can be seen. */
    <T> Callable<T> watched(Callable<T> work) {
        return () -> Advance.heardBy(this::advance, work);
    }

    private void advance(double share) {
        if (told.compareAndSet(false, true)) {
            Platform.runLater(() -> {
                told.set(false);
                bar.setProgress(share);
            });
        }
    }
}
