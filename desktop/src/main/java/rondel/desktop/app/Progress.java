package rondel.desktop.app;

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
    private final Button cancel = new Button(Words.of("progress.cancel"));
    private int running;
    private Workers.Task latest = new Workers.Task();

    public Progress(Workers workers, Notices notices) {
        super(8);
        this.workers = workers;
        this.notices = notices;
        getStyleClass().add("progress-strip");
        cancel.setId("cancel");
        cancel.getStyleClass().add("small");
        cancel.setOnAction(e -> {
            latest.cancel();
            ended();
            notices.say(Words.of("progress.cancelled"));
        });
        ProgressBar bar = new ProgressBar(ProgressBar.INDETERMINATE_PROGRESS);
        bar.setPrefWidth(110);
        getChildren().addAll(label, bar, cancel);
        setVisible(false);
        managedProperty().bind(visibleProperty());
    }

    /** @param done hears of the result on the toolkit's thread, unless it was called off */
    public <T> void run(String what, Callable<T> work, Consumer<T> done) {
        running++;
        PauseTransition wait = new PauseTransition(PATIENCE);
        wait.setOnFinished(e -> {
            if (running > 0) {
                label.setText(what);
                setVisible(true);
            }
        });
        wait.play();
        latest = workers.run(
                work,
                result -> {
                    ended();
                    done.accept(result);
                },
                failure -> {
                    ended();
                    notices.refuse(
                            failure instanceof Refusal ? failure.getMessage() : Words.of("cli.unexpected", failure));
                });
    }

    public boolean isIdle() {
        return running == 0;
    }

    private void ended() {
        running = Math.max(0, running - 1);
        if (running == 0) {
            setVisible(false);
        }
    }
}
