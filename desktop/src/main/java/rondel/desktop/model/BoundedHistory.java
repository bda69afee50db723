package rondel.desktop.model;

import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicReference;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.history.History;
import rondel.history.HistoryBound;
import rondel.words.Refusal;

/** Keeps the memory of a history within a bound, on a thread of its own, for the newest history that it hears of. */
public final class BoundedHistory {

    private static final Logger LOG = LoggerFactory.getLogger(BoundedHistory.class);

    private final HistoryBound bound;
    private final Executor background;
    private final AtomicReference<History> newest = new AtomicReference<>();

    public BoundedHistory(HistoryBound bound, Executor background) {
        this.bound = bound;
        this.background = background;
    }

    /** Sees to a history, soon. */
    void changed(History history) {
        if (newest.getAndSet(history) == null) {
            background.execute(this::hold);
        }
    }

    private void hold() {
        History history = newest.getAndSet(null);
        try {
            bound.hold(history);
        } catch (Refusal e) {
            // What can't be put away stays in memory, and nothing is lost; the person can do nothing about it.
            LOG.warn("older steps stay in memory", e);
        }
    }
}
