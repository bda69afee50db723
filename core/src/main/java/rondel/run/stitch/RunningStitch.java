package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;

/** Stitches along a line: of even lengths from corner to corner, with the needle down at each corner. */
final class RunningStitch {

    /** From which turn on a place is a corner, in degrees. */
    private static final double CORNER = 35;

    /** Shorter stitches tear the cloth, in mm. */
    static final double SHORTEST = 0.5;

    private RunningStitch() {}

    /** Where the needle goes down, the first place included.
     *
     * @param length of a stitch at most, in mm */
    static List<Point> along(Contour contour, double length) {
        return along(Polyline.of(contour), length);
    }

    static List<Point> along(Polyline line, double length) {
        List<Point> places = new ArrayList<>();
        for (Polyline stretch : stretches(line)) {
            double all = stretch.length();
            int parts = (int) Math.max(1, Math.ceil(all / length - 1e-6));
            List<Point> parted = stretch.parted(parts);
            // The first of a stretch is the last of the one before.
            places.addAll(places.isEmpty() ? parted : parted.subList(1, parted.size()));
        }
        return withoutShort(places);
    }

    /** Each stitch three times: there, back and there again. */
    static List<Point> tripled(List<Point> places) {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            if (i > 0) {
                all.add(places.get(i));
                all.add(places.get(i - 1));
            }
            all.add(places.get(i));
        }
        return all;
    }

    private static List<Polyline> stretches(Polyline line) {
        List<Polyline> all = new ArrayList<>();
        List<Point> open = new ArrayList<>();
        List<Point> p = line.points();
        for (int i = 0; i < p.size(); i++) {
            open.add(p.get(i));
            boolean corner = i > 0 && i < p.size() - 1 && turn(p.get(i - 1), p.get(i), p.get(i + 1)) > CORNER;
            if (corner) {
                all.add(new Polyline(open));
                open = new ArrayList<>(List.of(p.get(i)));
            }
        }
        if (open.size() > 1) {
            all.add(new Polyline(open));
        }
        return all;
    }

    private static double turn(Point a, Point b, Point c) {
        double before = Math.atan2(b.y() - a.y(), b.x() - a.x());
        double after = Math.atan2(c.y() - b.y(), c.x() - b.x());
        return Math.abs(Math.toDegrees(Math.IEEEremainder(after - before, 2 * Math.PI)));
    }

    /** Without places that come sooner than a stitch may be; both ends stay. */
    private static List<Point> withoutShort(List<Point> places) {
        List<Point> kept = new ArrayList<>();
        for (Point p : places) {
            if (kept.isEmpty() || kept.getLast().distanceTo(p) >= SHORTEST) {
                kept.add(p);
            }
        }
        Point last = places.getLast();
        if (kept.size() > 1 && kept.getLast().distanceTo(last) > 1e-6) {
            kept.set(kept.size() - 1, last);
        }
        return kept;
    }
}
