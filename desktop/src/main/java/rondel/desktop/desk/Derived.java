package rondel.desktop.desk;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;

/** A value that a view shows, worked out off the toolkit's thread from values that never change: kept for as long as those are
 *  the same objects. What was asked for last is shown; what was asked for before it is dropped. */
public final class Derived<V> {

    private final Workers workers;
    private final Consumer<V> show;
    private List<Object> of = List.of();
    private Optional<Workers.Task> task = Optional.empty();

    /** @param show hears of the value, on the toolkit's thread */
    public Derived(Workers workers, Consumer<V> show) {
        this.workers = workers;
        this.show = show;
    }

    /** Shows what work makes of some values, unless that is shown or on its way. */
    public void of(List<Object> values, Callable<V> work) {
        if (isOf(values)) {
            return;
        }
        of = values;
        task.ifPresent(Workers.Task::cancel);
        task = Optional.of(workers.derive(work, value -> {
            if (of == values) {
                show.accept(value);
            }
        }));
    }

    /** Forgets what is shown: it is worked out again when it is next asked for. */
    public void forget() {
        of = List.of();
    }

    /** Whether just these values were asked for last. */
    boolean isOf(List<Object> values) {
        boolean same = of.size() == values.size() && !values.isEmpty();
        for (int i = 0; same && i < values.size(); i++) {
            same = of.get(i) == values.get(i);
        }
        return same;
    }
}
