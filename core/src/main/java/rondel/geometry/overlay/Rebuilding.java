package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** Makes curves of a ring of half-edges again: each stretch that follows one source becomes that source, or the part of it
 *  between two crossings, which are told exactly from the curves themselves. */
final class Rebuilding {

    private final Arrangement plane;
    private final Sources segments;
    private final double tolerance;

    Rebuilding(Arrangement plane, Sources segments, double tolerance) {
        this.plane = plane;
        this.segments = segments;
        this.tolerance = tolerance;
    }

    /** @return nothing for a ring that encloses no more than flattening may have made */
    Optional<Contour> contour(int[] ring, int count) {
        if (isSliver(ring, count)) {
            return Optional.empty();
        }
        List<SourceRun> runs = joined(runs(ring, count));
        int n = runs.size();
        double[] starts = runs.stream().mapToDouble(SourceRun::start).toArray();
        double[] ends = runs.stream().mapToDouble(SourceRun::end).toArray();
        Point[] joins = new Point[n];
        for (int i = 0; i < n; i++) {
            joins[i] = join(runs, i, starts, ends);
        }
        List<Bezier> made = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            Bezier part = segments.segment(runs.get(i).source()).part(starts[i], ends[i]);
            Bezier placed = part.between(joins[(i + n - 1) % n], joins[i]);
            if (!placed.isPoint()) {
                made.add(placed);
            }
        }
        return made.isEmpty() ? Optional.empty() : Optional.of(new Contour(made, true));
    }

    private boolean isSliver(int[] ring, int count) {
        double area = 0;
        double length = 0;
        for (int k = 0; k < count; k++) {
            Coordinate[] line = plane.lines[ring[k] >> 1];
            double own = 0;
            for (int i = 1; i < line.length; i++) {
                own += (line[i - 1].x * line[i].y - line[i].x * line[i - 1].y) / 2;
                length += line[i].distance(line[i - 1]);
            }
            area += (ring[k] & 1) == 0 ? own : -own;
        }
        return Math.abs(area) <= tolerance * length;
    }

    /** Follows one source for as long as there is one to follow. */
    private List<SourceRun> runs(int[] ring, int count) {
        List<SourceRun> runs = new ArrayList<>();
        SourceRun run = null;
        for (int k = 0; k < count; k++) {
            int edge = ring[k] >> 1;
            int way = ring[k] & 1;
            Coordinate[] line = plane.lines[edge];
            Coordinate end = way == 0 ? line[line.length - 1] : line[0];
            double[] ts = plane.parameters[edge];
            int at = run == null ? -1 : goesOn(run, edge, way);
            if (at >= 0) {
                run = run.upTo(ts[2 * at + 1 - way], end);
                runs.set(runs.size() - 1, run);
            } else {
                run = new SourceRun(plane.sources[edge][0] >> 1, ts[way], ts[1 - way], end);
                runs.add(run);
            }
        }
        return runs;
    }

    /** Which of an edge's sources a run goes on along; -1 for none. */
    private int goesOn(SourceRun run, int edge, int way) {
        int[] sources = plane.sources[edge];
        double[] ts = plane.parameters[edge];
        for (int i = 0; i < sources.length; i++) {
            boolean meets = sources[i] >> 1 == run.source() && Math.abs(ts[2 * i + way] - run.end()) < 1e-12;
            boolean same = ts[2 * i + 1 - way] > ts[2 * i + way] == run.forward();
            if (meets && same) {
                return i;
            }
        }
        return -1;
    }

    /** The last run goes on in the first where both follow one source, and a short run between two stretches of one source
     *  that hardly leaves it is that source. */
    private List<SourceRun> joined(List<SourceRun> runs) {
        List<SourceRun> all = new ArrayList<>(runs);
        if (all.size() > 1
                && sameSource(all.getLast(), all.getFirst())
                && all.getLast().end() == all.getFirst().start()) {
            SourceRun last = all.removeLast();
            all.set(0, last.upTo(all.getFirst().end(), all.getFirst().to()));
        }
        for (int i = 0; i + 2 < all.size(); ) {
            SourceRun before = all.get(i);
            SourceRun after = all.get(i + 2);
            boolean onward = before.forward() ? after.start() >= before.end() : after.start() <= before.end();
            if (sameSource(before, after) && onward && hugs(all.get(i + 1), before, after)) {
                all.set(i, before.upTo(after.end(), after.to()));
                all.subList(i + 1, i + 3).clear();
            } else {
                i++;
            }
        }
        return all;
    }

    private static boolean sameSource(SourceRun a, SourceRun b) {
        return a.source() == b.source() && a.forward() == b.forward();
    }

    /** Whether a run keeps to the stretch of a source between the end of one run and the start of another, along the whole
     *  of it. */
    private boolean hugs(SourceRun run, SourceRun before, SourceRun after) {
        Bezier own = segments.segment(run.source()).part(run.start(), run.end());
        Bezier other = segments.segment(before.source()).part(before.end(), after.start());
        if (run.source() == before.source() || other.controlLength() > 2 * own.controlLength() + 10 * tolerance) {
            return false;
        }
        double last = 0;
        for (int i = 1; i < 4; i++) {
            Point p = own.at(i / 4.0);
            double t = CurveFoot.of(other, p.x(), p.y(), other.steps(tolerance));
            if (t < last || other.at(t).distanceTo(p) > 3 * tolerance) {
                return false;
            }
            last = t;
        }
        return true;
    }

    /** Where a run ends and the next begins: an end of a source as it is, else the crossing of the two curves. */
    private Point join(List<SourceRun> runs, int i, double[] starts, double[] ends) {
        int j = (i + 1) % runs.size();
        Bezier a = segments.segment(runs.get(i).source());
        Bezier b = segments.segment(runs.get(j).source());
        boolean aEnds = ends[i] == 0 || ends[i] == 1;
        boolean bEnds = starts[j] == 0 || starts[j] == 1;
        if (aEnds) {
            return onto(ends[i] == 0 ? a.start() : a.end(), b, starts, j, bEnds);
        }
        if (bEnds) {
            return onto(starts[j] == 0 ? b.start() : b.end(), a, ends, i, false);
        }
        CurveFoot.Crossing crossing = i == j ? null : CurveFoot.crossing(a, ends[i], b, starts[j], 40 * tolerance);
        if (crossing == null) {
            Coordinate place = runs.get(i).to();
            return new Point(place.x, place.y);
        }
        ends[i] = crossing.t();
        starts[j] = crossing.u();
        return crossing.place();
    }

    /** An end of one curve as the join; where it stands on the other is told again from the curve. */
    private static Point onto(Point end, Bezier other, double[] ts, int i, boolean isEnd) {
        if (!isEnd) {
            ts[i] = CurveFoot.refined(other, end.x(), end.y(), ts[i]);
        }
        return end;
    }
}
