package rondel.check.kinds;

import java.util.ArrayList;
import java.util.List;
import rondel.check.Check;
import rondel.check.Checked;
import rondel.check.CutLine;
import rondel.check.Finding;
import rondel.check.Limits;
import rondel.check.Severity;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.operation.Targets;

/** Corners as sharp as a needle, which tear, and segments too short for a blade to follow, on which it stutters. */
public record HardForABlade() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        List<Finding> found = new ArrayList<>();
        for (CutLine l : job.cutLines()) {
            int spikes = spikes(l, job.limits());
            if (spikes > 0) {
                found.add(Finding.of(Severity.WARNING, "spikes", Targets.display(l.of().element()), spikes)
                        .about(l.of().element().id()));
            }
            long shorts = l.contour().segments().stream()
                    .filter(s -> s.controlLength() < job.limits().shortestSegment())
                    .count();
            if (shorts > 0) {
                found.add(Finding.of(Severity.NOTE, "shortSegments", Targets.display(l.of().element()), shorts)
                        .about(l.of().element().id()));
            }
        }
        return found;
    }

    private static int spikes(CutLine l, Limits limits) {
        List<Bezier> all = l.contour().segments();
        int spikes = 0;
        for (int i = 0; i < all.size(); i++) {
            if (i + 1 == all.size() && !l.isClosed()) {
                break;
            }
            Point in = all.get(i).tangent(1);
            Point out = all.get((i + 1) % all.size()).tangent(0);
            double between = Math.toDegrees(Math.acos(Math.clamp(-(in.x() * out.x() + in.y() * out.y()), -1, 1)));
            spikes += between < limits.sharpestAngle() ? 1 : 0;
        }
        return spikes;
    }
}
