package rondel.devices.shop.standin;

import java.util.SplittableRandom;

/** What goes wrong at a shop, by chance.
 *
 * @param share of requests that something happens to, from 0 to 1
 * @param seed the same seed makes the same happen in the same order
 * @param retryAfter how long it asks to be left alone, in s */
public record ShopFaults(double share, long seed, double retryAfter) {

    public static final ShopFaults NONE = new ShopFaults(0, 0, 0);

    /** What may happen to a request. */
    enum Fault {
        NONE,
        /** It fails before anything was done. */
        SERVER_ERROR,
        /** It is done, but nobody hears of it. */
        LOST_ANSWER,
        /** It fails, and asks for patience. */
        TOO_MANY,
        /** The line is cut before anything was done. */
        CUT,
        /** It takes its time. */
        SLOW,
        /** It comes in twice. */
        TWICE
    }

    Fault of(SplittableRandom random) {
        if (random.nextDouble() >= share) {
            return Fault.NONE;
        }
        return Fault.values()[1 + random.nextInt(Fault.values().length - 1)];
    }
}
