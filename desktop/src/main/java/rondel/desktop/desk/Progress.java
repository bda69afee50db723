package rondel.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.scene.layout.HBox;
import rondel.words.Words;

/** Runs what takes time in the background; after 0.3 s it shows what is going on, each piece of work with how far it has come,
 *  where that can be told, and with a way to call it off. */
public final class Progress extends HBox {

    /** As many as there is room for; the others follow as these end. */
    private static final int MOST_SHOWN = 2;

    private final Workers workers;
    private final Notices notices;
    private final List<TaskStrip> running = new ArrayList<>();
    private final List<Runnable> listeners = new ArrayList<>();

    public Progress(Workers workers, Notices notices) {
        super(16);
        this.workers = workers;
        this.notices = notices;
        getStyleClass().add("progress-strip");
        setVisible(false);
        managedProperty().bind(visibleProperty());
    }

    /** What does the work. */
    private interface Runs {
        <T> Workers.Task run(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed, Runnable calledOff);
    }

    /** @param done hears of the result on the toolkit's thread, unless it was called off */
    public <T> void run(String what, Callable<T> work, Consumer<T> done) {
        run(what, work, done, () -> {});
    }

    /** As {@link #run}, for a file that somebody waits for: it waits behind no computing. */
    public <T> void runFile(String what, Callable<T> work, Consumer<T> done) {
        run(strip(what), work, done, () -> {}, workers::file);
    }

    /** @param ended hears, after {@code done}, when it has ended, one way or another */
    public <T> void run(String what, Callable<T> work, Consumer<T> done, Runnable ended) {
        run(strip(what), work, done, ended, workers::run);
    }

    /** As {@link #run}, for work that gets better the longer it goes on, and can be stopped early.
     *
     * @param stop tells the work to end with what it has
     * @param ended hears when it has ended, one way or another */
    public <T> void runUntilStopped(String what, Callable<T> work, Consumer<T> done, Runnable stop, Runnable ended) {
        TaskStrip strip = strip(what);
        strip.canBeStopped(stop);
        run(strip, work, done, ended, workers::run);
    }

    /** Ends work that can be stopped early, with what it has by now. */
    public void stopAndKeep() {
        stoppable().ifPresent(TaskStrip::stop);
    }

    public boolean canStop() {
        return stoppable().isPresent();
    }

    /** Says how far the work that can be stopped has come. */
    public void say(String how) {
        stoppable().ifPresent(s -> s.say(how));
    }

    private Optional<TaskStrip> stoppable() {
        return running.stream().filter(TaskStrip::isStoppable).findFirst();
    }

    private TaskStrip strip(String what) {
        TaskStrip strip = new TaskStrip(what, this::show);
        strip.advance().addListener((o, before, now) -> tell());
        return strip;
    }

    private <T> void run(TaskStrip strip, Callable<T> work, Consumer<T> done, Runnable ended, Runs runs) {
        running.add(strip);
        strip.begin(runs.run(
                strip.watched(work),
                result -> {
                    end(strip);
                    done.accept(result);
                    ended.run();
                },
                failure -> {
                    end(strip);
                    ended.run();
                    notices.failed(failure);
                },
                () -> {
                    end(strip);
                    ended.run();
                    notices.say(Words.of("progress.cancelled"));
                }));
    }

    private void end(TaskStrip strip) {
        strip.end();
        running.remove(strip);
        show();
    }

    private void show() {
        getChildren()
                .setAll(running.stream()
                        .filter(TaskStrip::isPatienceOver)
                        .limit(MOST_SHOWN)
                        .toList());
        setVisible(!getChildren().isEmpty());
        tell();
    }

    /** How far the first that is shown has come, from 0 to 1, or below 0 where it can't be told; nothing while nothing is shown. */
    public OptionalDouble advance() {
        return getChildren().stream()
                .map(TaskStrip.class::cast)
                .mapToDouble(s -> s.advance().get())
                .findFirst();
    }

    /** Hears whenever that may be otherwise. */
    public void onAdvance(Runnable listener) {
        listeners.add(listener);
    }

    private void tell() {
        listeners.forEach(Runnable::run);
    }

    public boolean isIdle() {
        return running.isEmpty();
    }
}
