package rondel.geometry.shape;

import java.util.List;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;

/** Places on a run of curves by their distance from its start along it, in mm. Straight stretches are exact; a curve is measured
 *  by chords. */
final class PathLength {

    private static final int CHORDS = 64;

    private final List<Bezier> curves;

    /** The lengths up to each chord of each curve. */
    private final double[] upTo;

    PathLength(List<Bezier> curves) {
        this.curves = List.copyOf(curves);
        this.upTo = new double[curves.size() * CHORDS + 1];
        int k = 0;
        for (Bezier b : curves) {
            Point last = b.start();
            for (int i = 1; i <= CHORDS; i++, k++) {
                Point next = b.at((double) i / CHORDS);
                upTo[k + 1] = upTo[k] + last.distanceTo(next);
                last = next;
            }
        }
    }

    double length() {
        return upTo[upTo.length - 1];
    }

    Point at(double distance) {
        double place = place(distance);
        int curve = Math.min(curves.size() - 1, (int) place);
        return curves.get(curve).at(place - curve);
    }

    /** Adds the stretch between two distances to an outline that has come to the first. */
    void addTo(OutlineBuilder builder, double from, double to) {
        double start = place(from);
        double end = place(to);
        for (int i = (int) start; i < curves.size() && i < end; i++) {
            double t0 = Math.max(0, start - i);
            double t1 = Math.min(1, end - i);
            if (t1 > t0) {
                curves.get(i).part(t0, t1).addTo(builder);
            }
        }
    }

    /** The number of a curve and how far on it a place is, as one figure. */
    private double place(double distance) {
        if (distance <= 0) {
            return 0;
        }
        if (distance >= length()) {
            return curves.size();
        }
        int i = java.util.Arrays.binarySearch(upTo, distance);
        int chord = i >= 0 ? i : -i - 2;
        double step = chord + 1 < upTo.length ? upTo[chord + 1] - upTo[chord] : 0;
        return (chord + (step > 0 ? (distance - upTo[chord]) / step : 0)) / CHORDS;
    }
}
