package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import rondel.job.SewnPart;

/** The parts of a pattern in the order in which they are sewn, and that order changed. */
public final class SewingOrder {

    private SewingOrder() {}

    public static List<SewnPart> of(StitchPattern pattern) {
        return pattern.runs().stream()
                .flatMap(r -> r.parts().stream())
                .map(PartStart::part)
                .toList();
    }

    /** The order with all that one thread sews put before what another does.
     *
     * @param from which thread of the pattern, from 0
     * @param to before which; as many as there are for the end */
    public static List<SewnPart> movedThread(StitchPattern pattern, int from, int to) {
        List<ThreadRun> runs = new ArrayList<>(pattern.runs());
        ThreadRun moved = runs.remove(from);
        runs.add(to > from ? to - 1 : to, moved);
        return of(new StitchPattern(runs));
    }

    /** The order with one part put before another.
     *
     * @param from which part of the order, from 0
     * @param to before which; as many as there are for the end */
    public static List<SewnPart> movedPart(StitchPattern pattern, int from, int to) {
        List<SewnPart> order = new ArrayList<>(of(pattern));
        SewnPart moved = order.remove(from);
        order.add(to > from ? to - 1 : to, moved);
        return order;
    }
}
