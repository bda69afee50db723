package rondel.desktop.model;

import java.util.ArrayList;
import java.util.List;

/** Which stage of the work is open. */
public final class StageChoice {

    /** The stages, in the order of the work. */
    public enum Stage {
        COMPOSE,
        LINES
    }

    private final List<Runnable> listeners = new ArrayList<>();
    private Stage stage = Stage.COMPOSE;

    public Stage get() {
        return stage;
    }

    public void open(Stage other) {
        if (stage != other) {
            stage = other;
            List.copyOf(listeners).forEach(Runnable::run);
        }
    }

    public void onChange(Runnable listener) {
        listeners.add(listener);
    }
}
