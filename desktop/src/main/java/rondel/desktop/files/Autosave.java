package rondel.desktop.files;

import java.util.EnumSet;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Change;

/** Saves a job that has a file by itself, so long after the first edit that is not saved as the person has chosen. Work that has no file yet is
 *  safe in the journal. */
public final class Autosave {

    private final Desk desk;
    private final Runnable save;
    private final PauseTransition wait = new PauseTransition();
    private final Runnable unfollow;
    private int minutes;

    /** @param save saves the job, in the background */
    public Autosave(Desk desk, Runnable save) {
        this.desk = desk;
        this.save = save;
        wait.setOnFinished(e -> {
            if (isDue()) {
                save.run();
            }
        });
        desk.bench().on(EnumSet.of(Change.JOB, Change.FILE, Change.WORK), this::follow);
        unfollow = desk.preferred().follow(p -> {
            if (minutes != p.autosave()) {
                minutes = p.autosave();
                wait.stop();
                follow();
            }
        });
    }

    private boolean isDue() {
        return minutes > 0 && desk.bench().file().isPresent() && desk.bench().unsaved();
    }

    private void follow() {
        if (!isDue()) {
            wait.stop();
        } else if (wait.getStatus() != Animation.Status.RUNNING) {
            wait.setDuration(Duration.minutes(minutes));
            wait.playFromStart();
        }
    }

    /** Whether a save is to come. */
    public boolean isWaiting() {
        return wait.getStatus() == Animation.Status.RUNNING;
    }

    /** Does now what it waits for. */
    public void now() {
        wait.stop();
        if (isDue()) {
            save.run();
        }
    }

    public void close() {
        wait.stop();
        unfollow.run();
    }
}
