package rondel.desktop.model;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Who is told of which changes of the bench. */
final class ChangeListeners {

    private record Listening(Set<Change> to, Runnable listener) {}

    private final List<Listening> all = new ArrayList<>();

    void add(Set<Change> changes, Runnable listener) {
        all.add(new Listening(EnumSet.copyOf(changes), listener));
    }

    /** Tells each who listens to one of some changes, once. */
    void tell(Set<Change> changes) {
        for (Listening l : List.copyOf(all)) {
            if (l.to.stream().anyMatch(changes::contains)) {
                l.listener.run();
            }
        }
    }
}
