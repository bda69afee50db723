package rondel.desktop.lines;

import java.util.ArrayList;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import rondel.desktop.app.Desk;
import rondel.desktop.app.Workers;
import rondel.job.Job;
import rondel.job.Located;
import rondel.pieces.Part;
import rondel.pieces.Parts;
import rondel.words.Words;

/** What the selection consists of: worked out in the background once the person has paused, while somebody watches. */
final class PartsModel {

    private static final Duration PAUSE = Duration.millis(150);

    private final Desk desk;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private final List<Runnable> listeners = new ArrayList<>();
    private List<Located> about = List.of();
    private Job seen;
    private List<Part> parts = List.of();
    private Workers.Task task;
    private boolean watched;

    PartsModel(Desk desk) {
        this.desk = desk;
        pause.setOnFinished(e -> find());
        desk.bench().onChange(this::changed);
    }

    /** To be called when the parts are to be seen from now on, or no longer. */
    void watch(boolean on) {
        watched = on;
        changed();
    }

    private void changed() {
        if (watched && (desk.bench().job() != seen || !desk.bench().selected().equals(about))) {
            pause.playFromStart();
        }
    }

    void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Nothing where nothing is selected. */
    List<Part> parts() {
        return parts;
    }

    private void find() {
        if (task != null) {
            task.cancel();
        }
        Job job = desk.bench().job();
        List<Located> selected = desk.bench().selected();
        task = desk.workers()
                .run(
                        () -> Parts.of(selected),
                        found -> {
                            if (job == desk.bench().job()) {
                                seen = job;
                                about = selected;
                                parts = found;
                                listeners.forEach(Runnable::run);
                            }
                        },
                        failure -> desk.notices().refuse(Words.of("cli.unexpected", failure)),
                        () -> {});
    }
}
