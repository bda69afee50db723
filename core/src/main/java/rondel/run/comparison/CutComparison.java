package rondel.run.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.curve.SegmentIndex;
import rondel.progress.Cancellation;

/** How far what was cut is from what was to be cut: the greatest and the mean distance, from places all along the design to the nearest cut,
 *  and from places along the cut to the nearest line of the design (both directions of the Hausdorff distance).
 *
 * @param largest in mm
 * @param mean of the distances from the design to the cut, in mm
 * @param open closed lines of the design of which some place was not cut: how many
 * @param rounded corners that were missed by more than {@link #ROUNDED}
 * @param worst where the largest is */
public record CutComparison(double largest, double mean, int open, List<Point> rounded, Point worst) {

    /** From here on, in mm, a corner is rounded rather than cut. */
    public static final double ROUNDED = 0.1;

    /** A closed line with a gap is missed by more than this somewhere, in mm. */
    private static final double GAP = 0.15;

    /** How far apart places are that are measured, in mm. */
    private static final double SPACING = 0.2;

    /** Places nearer to the one before than this, in mm, tell nothing new. */
    private static final double CLOSE = 0.05;

    private static final double FLAT = 0.002;
    private static final double CORNER = 150;

    public CutComparison {
        rounded = List.copyOf(rounded);
    }

    /** @param design the lines that were to be cut
     *  @param onPaper where they lie on what is loaded
     *  @param cut the lines that were cut, in the same place, as points */
    public static CutComparison of(List<Contour> design, UnaryOperator<Point> onPaper, List<List<Point>> cut) {
        if (design.isEmpty() || cut.isEmpty()) {
            return new CutComparison(
                    design.isEmpty() ? 0 : Double.POSITIVE_INFINITY,
                    design.isEmpty() ? 0 : Double.POSITIVE_INFINITY,
                    design.size(),
                    List.of(),
                    new Point(0, 0));
        }
        SegmentIndex toCut = SegmentIndex.of(cut);
        List<List<Point>> wanted = new ArrayList<>();
        double sum = 0;
        long count = 0;
        double largest = 0;
        Point worst = new Point(0, 0);
        int open = 0;
        List<Point> rounded = new ArrayList<>();
        for (Contour contour : design) {
            Cancellation.check();
            List<Point> flat = flat(contour, onPaper);
            wanted.add(flat);
            double furthest = 0;
            for (Point p : spaced(flat)) {
                double d = toCut.distance(p.x(), p.y());
                sum += d;
                count++;
                furthest = Math.max(furthest, d);
                if (d > largest) {
                    largest = d;
                    worst = p;
                }
            }
            open += contour.closed() && furthest > GAP ? 1 : 0;
            for (Point corner : corners(contour)) {
                Point p = onPaper.apply(corner);
                if (toCut.distance(p.x(), p.y()) > ROUNDED) {
                    rounded.add(p);
                }
            }
        }
        SegmentIndex toDesign = SegmentIndex.of(wanted);
        for (List<Point> line : cut) {
            Cancellation.check();
            for (Point p : spaced(line)) {
                double d = toDesign.distance(p.x(), p.y());
                if (d > largest) {
                    largest = d;
                    worst = p;
                }
            }
        }
        return new CutComparison(largest, sum / count, open, rounded, worst);
    }

    private static List<Point> corners(Contour contour) {
        List<Point> all = new ArrayList<>();
        List<Bezier> segments = contour.segments();
        for (int i = contour.closed() ? 0 : 1; i < segments.size(); i++) {
            Bezier before = segments.get(Math.floorMod(i - 1, segments.size()));
            if (before.cornerWith(segments.get(i)) < CORNER) {
                all.add(segments.get(i).start());
            }
        }
        return all;
    }

    private static List<Point> flat(Contour contour, UnaryOperator<Point> onPaper) {
        List<Point> points = new ArrayList<>();
        points.add(onPaper.apply(contour.segments().getFirst().start()));
        for (Bezier b : contour.segments()) {
            int steps = b.steps(FLAT);
            for (int k = 1; k <= steps; k++) {
                points.add(onPaper.apply(b.at((double) k / steps)));
            }
        }
        return points;
    }

    /** The points of a line that are not too near to each other, and more between those that are far apart. */
    private static List<Point> spaced(List<Point> line) {
        List<Point> all = new ArrayList<>();
        all.add(line.getFirst());
        for (int i = 1; i < line.size(); i++) {
            Point a = all.getLast();
            Point b = line.get(i);
            if (i < line.size() - 1 && a.distanceTo(b) < CLOSE) {
                continue;
            }
            int pieces = Math.max(1, (int) Math.ceil(a.distanceTo(b) / SPACING));
            for (int k = 1; k <= pieces; k++) {
                double t = (double) k / pieces;
                all.add(new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y())));
            }
        }
        return all;
    }
}
