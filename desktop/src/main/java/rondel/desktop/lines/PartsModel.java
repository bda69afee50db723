package rondel.desktop.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import javafx.util.Duration;
import rondel.desktop.desk.Desk;
import rondel.job.Job;
import rondel.job.Located;
import rondel.lines.pieces.Part;
import rondel.lines.pieces.Parts;

/** What the selection consists of: worked out in the background once the person has paused, while somebody watches. */
final class PartsModel {

    private static final Duration PAUSE = Duration.millis(150);

    private final Desk desk;
    private final Debounced<Seen> work;
    private final List<Runnable> listeners = new ArrayList<>();
    private Optional<Seen> seen = Optional.empty();
    private boolean watched;

    private record Seen(Job job, List<Located> about, List<Part> parts) {

        boolean isOf(Job now, List<Located> selected) {
            return job == now && about.equals(selected);
        }
    }

    PartsModel(Desk desk) {
        this.desk = desk;
        this.work = new Debounced<>(desk, PAUSE, this::find, this::told);
        desk.bench().onChange(this::changed);
    }

    /** To be called when the parts are to be seen from now on, or no longer. */
    void watch(boolean on) {
        watched = on;
        changed();
    }

    private void changed() {
        boolean known = seen.filter(s -> s.isOf(desk.bench().job(), desk.bench().selected()))
                .isPresent();
        if (watched && !known) {
            work.restart();
        }
    }

    void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /** Nothing where nothing is selected. */
    List<Part> parts() {
        return seen.map(Seen::parts).orElse(List.of());
    }

    private Callable<Seen> find() {
        Job job = desk.bench().job();
        List<Located> selected = desk.bench().selected();
        return () -> new Seen(job, selected, Parts.of(selected));
    }

    private void told(Seen now) {
        seen = Optional.of(now);
        listeners.forEach(Runnable::run);
    }
}
