package rondel.run.stitch;

import rondel.job.SewnPart;

/** Where the stitches of a part begin among those of a thread.
 *
 * @param from how many stitches come before it */
public record PartStart(SewnPart part, int from) {}
