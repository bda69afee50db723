package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import org.locationtech.jts.linearref.LengthIndexedLine;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.overlay.FlatArea;

/** What one drawing covers, in a space of its own: its longer side is 1, and the middle of the largest circle in it the
 *  origin. Besides the outline it holds what tells quickly whether a copy fits: circles that cover it, points along its rim,
 *  and how far any place near it is from it.
 *
 * @param toOwn from the drawing's sheet to the motif's space
 * @param circles x, y and radius of circles within it, the largest first
 * @param rim x and y of points on its edge, evenly spaced, in an order in which any few in a row are far from each other
 * @param probes x, y and radius of the circles, then of the points, whose radius is 0; each with how fast it moves as the copy
 *     grows
 * @param contours the same points, contour by contour, in the order in which they follow each other
 * @param spacing from point to point of the rim
 * @param around how far a place is from it, above 0 inside
 * @param coarser the same with fewer samples, each with half of those before: they are read faster
 * @param tree of circles: its outline for exact distances */
record Motif(
        int index,
        Geometry flat,
        double area,
        Affine toOwn,
        double[] circles,
        double[] rim,
        double[] probes,
        List<double[]> contours,
        double spacing,
        double farthest,
        DistanceField around,
        List<DistanceField> coarser,
        BoundingCircles tree) {

    /** Numbers a probe. */
    static final int PROBE = 4;

    /** Whether a drawing is so thin or small that nothing of its area is left. */
    static boolean isNothing(Outline covered) {
        return covered.isEmpty()
                || !(longer(FlatArea.of(covered, COARSE)) > 0)
                || flat(covered).isEmpty();
    }

    private static Geometry flat(Outline covered) {
        return FlatArea.of(covered, FillingTuning.MOTIF_FLATNESS * longer(FlatArea.of(covered, COARSE)));
    }

    /** How finely a drawing is flattened to know its size, in mm. */
    private static final double COARSE = 0.05;

    /** @param covered what the drawing covers, on its sheet; not nothing */
    static Motif of(int index, Outline covered) {
        Geometry onSheet = flat(covered);
        Envelope box = onSheet.getEnvelopeInternal();
        double size = longer(onSheet);
        Affine unit = Affine.scale(1 / size, 1 / size).times(Affine.translate(-box.centre().x, -box.centre().y));
        Geometry centred = transformed(onSheet, unit);
        DistanceField inside = DistanceField.of(
                coarse(centred),
                -0.55,
                -0.55,
                1.0 / FillingTuning.MOTIF_SAMPLES,
                (int) (1.1 * FillingTuning.MOTIF_SAMPLES) + 1,
                (int) (1.1 * FillingTuning.MOTIF_SAMPLES) + 1);
        double[] found = circles(inside);
        Affine toOwn = Affine.translate(-found[0], -found[1]).times(unit);
        Geometry flat = transformed(onSheet, toOwn);
        double[] circles = new double[found.length];
        for (int i = 0; i < found.length; i += 3) {
            circles[i] = found[i] - found[0];
            circles[i + 1] = found[i + 1] - found[1];
            circles[i + 2] = found[i + 2];
        }
        int samples = (int) (2 * FillingTuning.MOTIF_MARGIN * FillingTuning.MOTIF_SAMPLES) + 1;
        DistanceField around = DistanceField.of(
                coarse(flat),
                -FillingTuning.MOTIF_MARGIN,
                -FillingTuning.MOTIF_MARGIN,
                1.0 / FillingTuning.MOTIF_SAMPLES,
                samples,
                samples);
        double spacing = Math.max(FillingTuning.RIM_SPACING, flat.getLength() / FillingTuning.MOST_RIM_POINTS);
        List<double[]> contours = contours(flat, spacing);
        double[] rim = scattered(contours);
        double farthest = 0;
        for (int i = 0; i < rim.length; i += 2) {
            farthest = Math.max(farthest, Math.hypot(rim[i], rim[i + 1]));
        }
        return new Motif(
                index,
                flat,
                flat.getArea(),
                toOwn,
                circles,
                rim,
                probes(circles, rim),
                contours,
                spacing,
                farthest,
                around,
                Stream.iterate(around.halved(), DistanceField::halved)
                        .limit(FillingTuning.COARSE_CIRCLES)
                        .toList(),
                BoundingCircles.of(flat));
    }

    /** How far a place is from it, by samples that are no farther from each other than a step, or as fine as there are. */
    DistanceField around(double step) {
        DistanceField found = around;
        for (DistanceField other : coarser) {
            found = other.step() <= step ? other : found;
        }
        return found;
    }

    private static double[] probes(double[] circles, double[] rim) {
        double[] probes = new double[PROBE * (circles.length / 3 + rim.length / 2)];
        int n = 0;
        for (int i = 0; i < circles.length; i += 3) {
            n = probe(probes, n, circles[i], circles[i + 1], circles[i + 2]);
        }
        for (int i = 0; i < rim.length; i += 2) {
            n = probe(probes, n, rim[i], rim[i + 1], 0);
        }
        return probes;
    }

    private static int probe(double[] probes, int n, double x, double y, double radius) {
        probes[n] = x;
        probes[n + 1] = y;
        probes[n + 2] = radius;
        probes[n + 3] = Math.hypot(x, y) + radius;
        return n + PROBE;
    }

    /** Coarse enough for what is only sampled. */
    private static Geometry coarse(Geometry g) {
        return TopologyPreservingSimplifier.simplify(g, FillingTuning.COARSE);
    }

    private static double longer(Geometry g) {
        Envelope box = g.getEnvelopeInternal();
        return Math.max(box.getWidth(), box.getHeight());
    }

    static Geometry transformed(Geometry g, Affine m) {
        return new AffineTransformation(m.a(), m.c(), m.e(), m.b(), m.d(), m.f()).transform(g);
    }

    /** Circles that together cover nearly all of it: each the largest whose middle no circle before it covers. */
    private static double[] circles(DistanceField inside) {
        float[] left = inside.values().clone();
        List<double[]> found = new ArrayList<>();
        while (found.size() < FillingTuning.MOST_CIRCLES) {
            int best = 0;
            for (int k = 1; k < left.length; k++) {
                best = left[k] > left[best] ? k : best;
            }
            double radius = left[best];
            if (radius < FillingTuning.SMALLEST_CIRCLE && !found.isEmpty() || radius <= 0) {
                break;
            }
            double cx = inside.x() + best % inside.columns() * inside.step();
            double cy = inside.y() + best / inside.columns() * inside.step();
            found.add(new double[] {cx, cy, radius});
            clear(inside, left, cx, cy, radius);
        }
        if (found.isEmpty()) {
            return new double[3];
        }
        return found.stream().flatMapToDouble(Arrays::stream).toArray();
    }

    private static void clear(DistanceField field, float[] left, double cx, double cy, double radius) {
        for (int j = 0; j < field.rows(); j++) {
            for (int i = 0; i < field.columns(); i++) {
                double x = field.x() + i * field.step();
                double y = field.y() + j * field.step();
                if (Math.hypot(x - cx, y - cy) < radius) {
                    left[j * field.columns() + i] = -1;
                }
            }
        }
    }

    private static List<double[]> contours(Geometry flat, double spacing) {
        List<double[]> contours = new ArrayList<>();
        for (Object o : LinearComponentExtracter.getLines(flat)) {
            LineString line = (LineString) o;
            LengthIndexedLine along = new LengthIndexedLine(line);
            int n = (int) Math.max(6, Math.ceil(line.getLength() / spacing));
            double[] points = new double[2 * n];
            for (int i = 0; i < n; i++) {
                Coordinate c = along.extractPoint(line.getLength() * i / n);
                points[2 * i] = c.x;
                points[2 * i + 1] = c.y;
            }
            contours.add(points);
        }
        return contours;
    }

    private static double[] scattered(List<double[]> contours) {
        double[] all = contours.stream().flatMapToDouble(Arrays::stream).toArray();
        int n = all.length / 2;
        int stride = stride(n);
        double[] scattered = new double[2 * n];
        for (int i = 0; i < n; i++) {
            int from = (int) ((long) i * stride % n);
            scattered[2 * i] = all[2 * from];
            scattered[2 * i + 1] = all[2 * from + 1];
        }
        return scattered;
    }

    /** A step that visits all of n in such an order that any few in a row are far from each other. */
    private static int stride(int n) {
        int stride = (int) (n * 0.382);
        while (stride > 1
                && java.math.BigInteger.valueOf(stride)
                                .gcd(java.math.BigInteger.valueOf(n))
                                .intValue()
                        > 1) {
            stride--;
        }
        return Math.max(1, stride);
    }
}
