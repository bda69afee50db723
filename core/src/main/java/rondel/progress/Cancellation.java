package rondel.progress;

import java.util.concurrent.CancellationException;

/** How slow work learns that it was called off: its thread is interrupted, and it looks here often enough. */
public final class Cancellation {

    private Cancellation() {}

    /** @throws CancellationException if this thread's work was called off; what it was making is to be dropped */
    public static void check() {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException();
        }
    }
}
