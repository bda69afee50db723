package rondel.progress;

import java.util.concurrent.Callable;
import java.util.function.DoubleConsumer;

/** How slow work that can tell says how far it has come: whoever runs it may listen, and it need not know who does. */
public final class Advance {

    private static final ScopedValue<DoubleConsumer> LISTENER = ScopedValue.newInstance();

    private Advance() {}

    /** Runs work on this thread while somebody listens.
     *
     * @param listener hears of shares from 0 to 1, on the thread that works */
    public static <T> T heardBy(DoubleConsumer listener, Callable<T> work) throws Exception {
        return ScopedValue.where(LISTENER, listener).call(work::call);
    }

    /** Says how much is done, to whoever listens. */
    public static void to(long done, long of) {
        if (LISTENER.isBound() && of > 0) {
            LISTENER.get().accept(Math.clamp((double) done / of, 0, 1));
        }
    }
}
