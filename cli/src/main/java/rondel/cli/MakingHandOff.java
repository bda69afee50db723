package rondel.cli;

import java.time.ZonedDateTime;
import picocli.CommandLine.Option;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.handoff.HandOffRun;
import rondel.formats.picture.PictureLevels;
import rondel.handoff.sets.ShippedSets;
import rondel.job.Job;

/** Making a set, and whether it may be sold whatever the licences say. */
final class MakingHandOff {

    @Option(names = "--may-be-sold")
    private boolean mayBeSold;

    boolean mayBeSold() {
        return mayBeSold;
    }

    static HandOffRun run(Job job, String set) {
        return new HandOffRun(
                job,
                ShippedSets.named(job, set),
                PictureLevels.usual(),
                FontsAtHand.usual().get(),
                ZonedDateTime.now());
    }
}
