package rondel.lines.join;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** A chain as one contour. Where two ends meet, both move to their middle; curves keep their handles. */
final class ChainContour {

    private ChainContour() {}

    static Contour of(List<Contour> lines, EndMatching.Chain chain) {
        List<Bezier> all = new ArrayList<>();
        for (EndMatching.Link link : chain.links()) {
            Contour line = lines.get(link.line());
            List<Bezier> own = (link.backwards() ? line.reversed() : line).segments();
            if (!all.isEmpty()) {
                meet(all, own.getFirst());
                all.add(own.getFirst()
                        .between(all.getLast().end(), own.getFirst().end()));
                all.addAll(own.subList(1, own.size()));
            } else {
                all.addAll(own);
            }
        }
        if (chain.closed()) {
            meet(all, all.getFirst());
            Bezier first = all.getFirst();
            all.set(0, first.between(all.getLast().end(), first.end()));
        }
        return new Contour(all, chain.closed());
    }

    /** Moves the end of the last to the middle between it and the start of the next. */
    private static void meet(List<Bezier> all, Bezier next) {
        Bezier last = all.getLast();
        Point middle = new Point((last.endX() + next.startX()) / 2, (last.endY() + next.startY()) / 2);
        if (!middle.equals(last.end())) {
            all.set(all.size() - 1, last.between(last.start(), middle));
        }
    }

    /** How far apart the ends of an open contour are. */
    static double gap(Contour c) {
        return c.segments().getFirst().start().distanceTo(c.segments().getLast().end());
    }

    /** Whether a straight line may close it: its ends are near, and nearer than it is long.
     *
     * @param near in mm */
    static boolean isNearlyClosed(Contour c, double near) {
        double length = c.segments().stream().mapToDouble(Bezier::controlLength).sum();
        return gap(c) <= Math.min(near, JoinTuning.NEAR_SHARE * length);
    }
}
