package rondel.desktop.model;

import java.util.ArrayList;
import java.util.List;

/** Which stage of the work is open, of those there are. */
public final class StageChoice {

    private final List<Runnable> listeners = new ArrayList<>();
    private final List<Stage> all;
    private Stage stage;

    /** @param all in the order of the work; the first is open */
    public StageChoice(List<Stage> all) {
        this.all = List.copyOf(all);
        this.stage = all.getFirst();
    }

    public List<Stage> all() {
        return all;
    }

    public Stage get() {
        return stage;
    }

    public void open(Stage other) {
        if (!stage.equals(other)) {
            stage = other;
            List.copyOf(listeners).forEach(Runnable::run);
        }
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }
}
