package rondel.run.stitch;

import java.util.List;
import rondel.job.Rgba;

/** What is sewn with one thread before the next is put in. */
public record ThreadRun(Rgba thread, List<Stitch> stitches) {

    public ThreadRun {
        stitches = List.copyOf(stitches);
    }
}
