package rondel.cli;

import java.io.PrintStream;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import picocli.CommandLine.Option;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.handoff.HandOffRun;
import rondel.formats.picture.PictureLevels;
import rondel.handoff.sets.ShippedSets;
import rondel.job.Job;

/** Making a set, and whether it may be sold whatever the licences say. */
final class MakingHandOff {

    @Option(
            names = "--may-be-sold",
            description =
                    "what is for personal use only, or not known, may be sold all the same: you have cleared that")
    private boolean mayBeSold;

    /** Makes it; slow.
     *
     * @param err where it is said what could not be carried over */
    HandOffRun.Result make(Job job, String set, Path target, PrintStream err) {
        HandOffRun.Result result = new HandOffRun(
                        job,
                        ShippedSets.named(job, set),
                        PictureLevels.usual(),
                        FontsAtHand.usual().get(),
                        ZonedDateTime.now())
                .make(target, mayBeSold);
        result.findings().forEach(f -> err.println(f.sentence()));
        return result;
    }
}
