package rondel.desktop.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import rondel.formats.preferences.Preferences;

/** What the person prefers just now, the same in all windows. On the toolkit's thread. */
public final class Preferred {

    private final Consumer<UnaryOperator<Preferences>> keeping;
    private final List<Consumer<Preferences>> listeners = new ArrayList<>();
    private Preferences now;

    /** @param keeping has a change of them written, off this thread */
    public Preferred(Preferences now, Consumer<UnaryOperator<Preferences>> keeping) {
        this.now = now;
        this.keeping = keeping;
    }

    /** What is usual, and kept nowhere. */
    public static Preferred usual() {
        return new Preferred(Preferences.USUAL, change -> {});
    }

    public Preferences now() {
        return now;
    }

    /** The person prefers something else from now on. */
    public void change(UnaryOperator<Preferences> change) {
        Preferences after = change.apply(now);
        if (!after.equals(now)) {
            now = after;
            List.copyOf(listeners).forEach(l -> l.accept(after));
            keeping.accept(change);
        }
    }

    /** Hears what is preferred, now and whenever it changes.
     *
     * @return stops that */
    public Runnable follow(Consumer<Preferences> listener) {
        listeners.add(listener);
        listener.accept(now);
        return () -> listeners.remove(listener);
    }
}
