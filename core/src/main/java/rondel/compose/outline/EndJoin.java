package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** Joins open contours at their ends. */
final class EndJoin {

    private EndJoin() {}

    /** Two contours as one, joined where their ends are nearest; the first keeps its direction. */
    static Contour nearest(Contour a, Contour b, double tolerance) {
        double[] gaps = gaps(a, b);
        int best = 0;
        for (int i = 1; i < gaps.length; i++) {
            best = gaps[i] < gaps[best] ? i : best;
        }
        return switch (best) {
            case 0 -> follow(a, b, tolerance);
            case 1 -> follow(a, b.reversed(), tolerance);
            case 2 -> follow(b, a, tolerance);
            default -> follow(b.reversed(), a, tolerance);
        };
    }

    /** How far the nearest ends of two contours are from each other. */
    static double gap(Contour a, Contour b) {
        return java.util.Arrays.stream(gaps(a, b)).min().orElseThrow();
    }

    /** From the end of one to both of the other, and from its start to both of the other. */
    private static double[] gaps(Contour a, Contour b) {
        Point start = a.segments().getFirst().start();
        Point end = a.segments().getLast().end();
        Point otherStart = b.segments().getFirst().start();
        Point otherEnd = b.segments().getLast().end();
        return new double[] {
            end.distanceTo(otherStart),
            end.distanceTo(otherEnd),
            start.distanceTo(otherEnd),
            start.distanceTo(otherStart)
        };
    }

    private static Contour follow(Contour a, Contour b, double tolerance) {
        List<Bezier> all = new ArrayList<>(a.segments());
        Bezier last = all.getLast();
        Bezier first = b.segments().getFirst();
        double gap = last.end().distanceTo(first.start());
        if (gap <= tolerance) {
            Point middle = new Point((last.endX() + first.startX()) / 2, (last.endY() + first.startY()) / 2);
            all.set(all.size() - 1, last.between(last.start(), middle));
            all.add(first.between(middle, first.end()));
        } else {
            all.add(Bezier.line(last.end(), first.start()));
            all.add(first);
        }
        all.addAll(b.segments().subList(1, b.segments().size()));
        return new Contour(all, false);
    }
}
