package rondel.gang.nest;

import java.util.function.BooleanSupplier;
import rondel.progress.Cancellation;

/** How many moves a search may still make. Counted, not timed, so that the same is found on every machine; whoever watches may stop it
 *  sooner. */
final class WorkBudget {

    private final long all;
    private final BooleanSupplier stopped;
    private long done;

    /** @param stopped whether somebody has had enough */
    WorkBudget(long all, BooleanSupplier stopped) {
        this.all = all;
        this.stopped = stopped;
    }

    void spend() {
        done++;
        if ((done & 15) == 0) {
            Cancellation.check();
        }
    }

    boolean isSpent() {
        return done >= all || stopped.getAsBoolean();
    }

    /** From 0 to 1. */
    double share() {
        return all == 0 ? 1 : Math.min(1, (double) done / all);
    }
}
