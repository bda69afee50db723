package rondel.desktop.run.sewing;

import java.util.List;
import java.util.Optional;
import rondel.desktop.run.running.SewnPass;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.ThreadRun;

/** What a stitch at a place belongs to. */
final class StitchAt {

    private StitchAt() {}

    /** The element of the sheet whose stitch is nearest; of those that are as near the one that is sewn last.
     *
     * @param reach how near it has to be, in mm */
    static Optional<ElementId> of(SewnPass sewn, Point at, double reach) {
        Optional<ElementId> found = Optional.empty();
        double least = reach;
        for (ThreadRun run : sewn.pattern().runs()) {
            for (int i = 0; i < run.parts().size(); i++) {
                double far = far(run.stitches(i), at);
                if (far <= least) {
                    // Any that is right under the pointer is near enough: what lies on top is meant.
                    least = Math.max(far, 0.5);
                    found = Optional.of(run.parts().get(i).part().path().getFirst());
                }
            }
        }
        return found;
    }

    private static double far(List<Stitch> stitches, Point p) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < stitches.size(); i++) {
            if (stitches.get(i).move() == Stitch.Move.SEW) {
                least = Math.min(
                        least,
                        p.distanceTo(stitches.get(i - 1).at(), stitches.get(i).at()));
            }
        }
        return least;
    }
}
