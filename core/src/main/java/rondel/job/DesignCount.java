package rondel.job;

import java.util.OptionalInt;
import rondel.words.Refusal;

/** A design and how many of it are wanted.
 *
 * @param count nothing for as many as fit */
public record DesignCount(Design design, OptionalInt count) {

    private static final int MOST = 100_000;

    /** @throws Refusal if the count is below 1, or more than anybody makes */
    public DesignCount {
        if (count.isPresent() && (count.getAsInt() < 1 || count.getAsInt() > MOST)) {
            throw Refusal.of("plan.count", count.getAsInt(), MOST);
        }
    }

    public static DesignCount of(Design design, int count) {
        return new DesignCount(design, OptionalInt.of(count));
    }

    public static DesignCount asManyAsFit(Design design) {
        return new DesignCount(design, OptionalInt.empty());
    }
}
