package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** A line of straight stretches, as stitches are laid along. */
record Polyline(List<Point> points) {

    /** How far chords may be from curves, in mm: less than the steps of a machine. */
    private static final double FLATNESS = 0.03;

    Polyline {
        points = List.copyOf(points);
    }

    static Polyline of(Contour contour) {
        List<Point> points = new ArrayList<>();
        for (Bezier b : contour.segments()) {
            int steps = b.steps(FLATNESS);
            for (int i = 0; i < steps; i++) {
                points.add(new Point(b.coordinate(0, (double) i / steps), b.coordinate(1, (double) i / steps)));
            }
        }
        points.add(contour.segments().getLast().end());
        if (contour.closed() && points.getLast().distanceTo(points.getFirst()) > 1e-6) {
            points.add(points.getFirst());
        }
        return new Polyline(points);
    }

    double length() {
        double length = 0;
        for (int i = 1; i < points.size(); i++) {
            length += points.get(i).distanceTo(points.get(i - 1));
        }
        return length;
    }

    /** Places that part it into stretches of equal length.
     *
     * @param parts at least 1
     *  @return one more than that, with both ends */
    List<Point> parted(int parts) {
        List<Point> places = new ArrayList<>();
        places.add(points.getFirst());
        double step = length() / parts;
        double next = step;
        double gone = 0;
        for (int i = 1; i < points.size() && places.size() < parts; i++) {
            Point a = points.get(i - 1);
            Point b = points.get(i);
            double own = a.distanceTo(b);
            while (places.size() < parts && next <= gone + own + 1e-9) {
                double share = own == 0 ? 0 : Math.min(1, (next - gone) / own);
                places.add(new Point(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
                next += step;
            }
            gone += own;
        }
        places.add(points.getLast());
        return places;
    }
}
