package rondel.run.stitch;

import java.util.List;
import rondel.job.Rgba;

/** What is sewn with one thread before the next is put in.
 *
 * @param parts that it sews, in their order; none where it is read from a tape */
public record ThreadRun(Rgba thread, List<Stitch> stitches, List<PartStart> parts) {

    public ThreadRun {
        stitches = List.copyOf(stitches);
        parts = List.copyOf(parts);
    }

    public ThreadRun(Rgba thread, List<Stitch> stitches) {
        this(thread, stitches, List.of());
    }

    /** The stitches of one of its parts. */
    public List<Stitch> stitches(int part) {
        int end = part + 1 < parts.size() ? parts.get(part + 1).from() : stitches.size();
        return stitches.subList(parts.get(part).from(), end);
    }
}
