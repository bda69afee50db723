package rondel.formats.dxf;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** What entities draw, as outlines in the file's own units, y up. */
final class DxfCurves {

    private static final double SAME = 1e-9;
    private static final double PIECE = Math.toRadians(45);

    private DxfCurves() {}

    /** Nothing for what is no line or has figures that mean none. */
    static Outline of(DxfEntity e) {
        Outline outline =
                switch (e.type()) {
                    case "LINE" -> line(e);
                    case "LWPOLYLINE" -> lightPolyline(e);
                    case "POLYLINE" -> polyline(e);
                    case "ARC" ->
                        ellipse(
                                centre(e),
                                e.number(40, 0),
                                0,
                                0,
                                e.number(40, 0),
                                Math.toRadians(e.number(50, 0)),
                                Math.toRadians(e.number(51, 360)),
                                false);
                    case "CIRCLE" -> ellipse(centre(e), e.number(40, 0), 0, 0, e.number(40, 0), 0, 2 * Math.PI, true);
                    case "ELLIPSE" -> ellipse(e);
                    case "SPLINE" -> spline(e);
                    default -> Outline.EMPTY;
                };
        return e.mirrored()
                        && !e.type().equals("LINE")
                        && !e.type().equals("ELLIPSE")
                        && !e.type().equals("SPLINE")
                ? outline.transformed(Affine.scale(-1, 1))
                : outline;
    }

    private static Point centre(DxfEntity e) {
        return new Point(e.number(10, 0), e.number(20, 0));
    }

    private static Outline line(DxfEntity e) {
        Point a = centre(e);
        Point b = new Point(e.number(11, 0), e.number(21, 0));
        return a.equals(b)
                ? Outline.EMPTY
                : new OutlineBuilder().moveTo(a.x(), a.y()).lineTo(b.x(), b.y()).build();
    }

    private static Outline lightPolyline(DxfEntity e) {
        List<double[]> vertices = new ArrayList<>();
        for (DxfGroup g : e.groups()) {
            switch (g.code()) {
                case 10 -> vertices.add(new double[] {g.number(), 0, 0});
                case 20 -> {
                    if (!vertices.isEmpty()) {
                        vertices.getLast()[1] = g.number();
                    }
                }
                case 42 -> {
                    if (!vertices.isEmpty()) {
                        vertices.getLast()[2] = g.number();
                    }
                }
                default -> {}
            }
        }
        return bulged(vertices, (e.whole(70, 0) & 1) != 0);
    }

    private static Outline polyline(DxfEntity e) {
        int flags = e.whole(70, 0);
        boolean mesh = (flags & (16 | 64)) != 0;
        if (mesh) {
            return Outline.EMPTY;
        }
        List<double[]> vertices = new ArrayList<>();
        for (DxfEntity v : e.parts()) {
            // Frames of fitted splines are no part of the line.
            if (v.type().equals("VERTEX") && (v.whole(70, 0) & 16) == 0) {
                vertices.add(new double[] {v.number(10, 0), v.number(20, 0), v.number(42, 0)});
            }
        }
        return bulged(vertices, (flags & 1) != 0);
    }

    private static Outline bulged(List<double[]> vertices, boolean closed) {
        if (vertices.size() < 2) {
            return Outline.EMPTY;
        }
        List<Bezier> segments = new ArrayList<>();
        int n = vertices.size() - (closed ? 0 : 1);
        for (int i = 0; i < n; i++) {
            double[] a = vertices.get(i);
            double[] b = vertices.get((i + 1) % vertices.size());
            Point from = new Point(a[0], a[1]);
            Point to = new Point(b[0], b[1]);
            if (from.distanceTo(to) < SAME) {
                continue;
            }
            if (Math.abs(a[2]) < 1e-12) {
                segments.add(Bezier.line(from, to));
            } else {
                arc(from, to, a[2], segments);
            }
        }
        return segments.isEmpty() ? Outline.EMPTY : new Contour(segments, closed).outline();
    }

    private static void arc(Point from, Point to, double bulge, List<Bezier> segments) {
        double sweep = 4 * Math.atan(bulge);
        double chord = from.distanceTo(to);
        double radius = chord / (2 * Math.sin(Math.abs(sweep) / 2));
        double apothem = radius * Math.cos(sweep / 2) * Math.signum(bulge);
        double mx = (from.x() + to.x()) / 2;
        double my = (from.y() + to.y()) / 2;
        double nx = -(to.y() - from.y()) / chord;
        double ny = (to.x() - from.x()) / chord;
        Point centre = new Point(mx + nx * apothem, my + ny * apothem);
        double start = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        List<Bezier> pieces = pieces(centre, radius, 0, 0, radius, start, start + sweep);
        // Ends are exactly the vertices, whatever the angles round to.
        pieces.set(0, pieces.getFirst().between(from, pieces.getFirst().end()));
        pieces.set(pieces.size() - 1, pieces.getLast().between(pieces.getLast().start(), to));
        segments.addAll(pieces);
    }

    private static Outline ellipse(DxfEntity e) {
        double mx = e.number(11, 1);
        double my = e.number(21, 0);
        double ratio = e.number(40, 1);
        double turn = e.mirrored() ? -1 : 1;
        double from = e.number(41, 0);
        double to = e.number(42, 2 * Math.PI);
        boolean whole = Math.abs(to - from - 2 * Math.PI) < 1e-9;
        return ellipse(centre(e), mx, my, -my * ratio * turn, mx * ratio * turn, from, to, whole);
    }

    /** @param ux the first axis
     *  @param vx the second */
    private static Outline ellipse(
            Point centre, double ux, double uy, double vx, double vy, double from, double to, boolean whole) {
        if (Math.hypot(ux, uy) < SAME || Math.hypot(vx, vy) < SAME) {
            return Outline.EMPTY;
        }
        double end = to;
        while (!whole && end <= from) {
            end += 2 * Math.PI;
        }
        return new Contour(pieces(centre, ux, uy, vx, vy, from, end), whole).outline();
    }

    /** Cubic curves of at most 45°. */
    private static List<Bezier> pieces(
            Point centre, double ux, double uy, double vx, double vy, double from, double to) {
        int n = (int) Math.max(1, Math.ceil(Math.abs(to - from) / PIECE - 1e-9));
        double step = (to - from) / n;
        double k = 4.0 / 3 * Math.tan(step / 4);
        List<Bezier> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double a = from + i * step;
            double b = a + step;
            double ca = Math.cos(a);
            double sa = Math.sin(a);
            double cb = Math.cos(b);
            double sb = Math.sin(b);
            double[] c = {ca, sa, ca - k * sa, sa + k * ca, cb + k * sb, sb - k * cb, cb, sb};
            double[] p = new double[8];
            for (int j = 0; j < 8; j += 2) {
                p[j] = centre.x() + ux * c[j] + vx * c[j + 1];
                p[j + 1] = centre.y() + uy * c[j] + vy * c[j + 1];
            }
            all.add(new Bezier(p));
        }
        return all;
    }

    private static Outline spline(DxfEntity e) {
        double[] x = e.numbers(10);
        double[] y = e.numbers(20);
        double[] weights = e.numbers(41);
        int n = Math.min(x.length, y.length);
        double[][] controls = new double[n][];
        for (int i = 0; i < n; i++) {
            double w = i < weights.length ? weights[i] : 1;
            controls[i] = new double[] {x[i], y[i], w > 0 ? w : 1};
        }
        Spline spline = new Spline(e.whole(71, 3), e.numbers(40), controls);
        if (!spline.isWhole()) {
            return through(e);
        }
        List<Bezier> curves = spline.curves();
        if (curves.isEmpty()) {
            return Outline.EMPTY;
        }
        Point first = curves.getFirst().start();
        Point last = curves.getLast().end();
        boolean closed = (e.whole(70, 0) & 1) != 0 || first.distanceTo(last) < SAME;
        return new Contour(curves, closed && first.distanceTo(last) < 1e-6).outline();
    }

    /** Where only places are given that it goes through: straight from one to the next. */
    private static Outline through(DxfEntity e) {
        double[] x = e.numbers(11);
        double[] y = e.numbers(21);
        List<double[]> vertices = new ArrayList<>();
        for (int i = 0; i < Math.min(x.length, y.length); i++) {
            vertices.add(new double[] {x[i], y[i], 0});
        }
        return bulged(vertices, (e.whole(70, 0) & 1) != 0);
    }
}
