package rondel.desktop.command;

import java.util.Optional;
import rondel.desktop.run.running.SewingActions;
import rondel.job.StitchSettings.Kind;
import rondel.job.StitchSettings.Parts;

/** Commands for what is stitched. */
final class SewingCommands {

    private final Commands all;
    private final SewingActions sewing;

    SewingCommands(Commands all, SewingActions sewing) {
        this.all = all;
        this.sewing = sewing;
    }

    void add() {
        kind("stitchByShape", Kind.AUTO);
        kind("stitchSatin", Kind.SATIN);
        kind("stitchFill", Kind.FILL);
        kind("stitchRunning", Kind.RUNNING);
        kind("stitchTriple", Kind.TRIPLE);
        parts("stitchBoth", Parts.ALL);
        parts("leaveOutFill", Parts.LINE);
        parts("leaveOutLine", Parts.FILL);
        all.put("chooseHoop", () -> true, sewing::askHoop);
        all.put("noHoop", () -> sewing.settings().hoop().isPresent(), () -> sewing.hoop(Optional.empty()));
        all.put("centreInHoop", sewing::hasStitches, sewing::centre);
        all.put("matchThreads", sewing::hasStitches, sewing::match);
        all.put("keepThread", () -> true, sewing::keepThread);
        all.put("sewEarlier", sewing::canMove, () -> sewing.moveHeld(-1));
        all.put("sewLater", sewing::canMove, () -> sewing.moveHeld(1));
        all.put("orderAfresh", sewing::isOrdered, sewing::orderAfresh);
    }

    private void kind(String id, Kind kind) {
        all.put(id, sewing::hasStitches, () -> sewing.change(s -> s.withKind(kind)));
    }

    private void parts(String id, Parts parts) {
        all.put(id, sewing::hasStitches, () -> sewing.change(s -> s.withParts(parts)));
    }
}
