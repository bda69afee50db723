package rondel.formats.dxf;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** Contours as entities: lines and arcs as polylines with bulges, a whole circle as one, other curves as splines; or all flattened. */
final class DxfEntities {

    /** How far flattened curves may be off, in mm. */
    private static final double FLAT = 0.0008;

    private static final double SAME = 1e-6;

    private final DxfTags tags;
    private final DxfVersion version;
    private final String owner;

    /** @param owner the handle of what the entities belong to */
    DxfEntities(DxfTags tags, DxfVersion version, String owner) {
        this.tags = tags;
        this.version = version;
        this.owner = owner;
    }

    /** @param toDxf into the file's space, y up */
    void outline(Outline outline, Affine toDxf, String layer) throws IOException {
        for (Contour c : Contour.of(outline.transformed(toDxf))) {
            contour(c, layer);
        }
    }

    private void contour(Contour c, String layer) throws IOException {
        if (version == DxfVersion.R12) {
            oldPolyline(flat(c), c.closed(), layer);
            return;
        }
        List<Optional<CircularArc>> arcs =
                c.segments().stream().map(CircularArc::of).toList();
        boolean plain = true;
        for (int i = 0; i < arcs.size(); i++) {
            plain &= c.segments().get(i).order() == 1 || arcs.get(i).isPresent();
        }
        if (!plain) {
            spline(c, layer);
        } else if (isCircle(c, arcs)) {
            CircularArc arc = arcs.getFirst().orElseThrow();
            begin("CIRCLE", layer, "AcDbCircle")
                    .point(10, arc.centre().x(), arc.centre().y())
                    .tag(40, arc.radius());
        } else {
            polyline(c, arcs, layer);
        }
    }

    private static boolean isCircle(Contour c, List<Optional<CircularArc>> arcs) {
        if (!c.closed() || arcs.stream().anyMatch(Optional::isEmpty)) {
            return false;
        }
        CircularArc first = arcs.getFirst().orElseThrow();
        double sweep = 0;
        for (Optional<CircularArc> a : arcs) {
            CircularArc arc = a.orElseThrow();
            if (arc.centre().distanceTo(first.centre()) > 2e-4 || Math.abs(arc.radius() - first.radius()) > 2e-4) {
                return false;
            }
            sweep += arc.sweep();
        }
        return Math.abs(Math.abs(sweep) - 2 * Math.PI) < 1e-4;
    }

    private DxfTags begin(String type, String layer, String subclass) throws IOException {
        tags.tag(0, type);
        if (version == DxfVersion.R2000) {
            tags.tag(5, tags.next()).tag(330, owner).tag(100, "AcDbEntity");
        }
        tags.tag(8, layer);
        if (version == DxfVersion.R2000) {
            tags.tag(100, subclass);
        }
        return tags;
    }

    private void polyline(Contour c, List<Optional<CircularArc>> arcs, String layer) throws IOException {
        List<Bezier> segments = c.segments();
        int n = segments.size() + (c.closed() ? 0 : 1);
        begin("LWPOLYLINE", layer, "AcDbPolyline")
                .tag(90, n)
                .tag(70, c.closed() ? 1 : 0)
                .tag(43, 0.0);
        for (int i = 0; i < n; i++) {
            Point p = i < segments.size()
                    ? segments.get(i).start()
                    : segments.getLast().end();
            tags.tag(10, p.x()).tag(20, p.y());
            if (i < segments.size() && arcs.get(i).isPresent()) {
                tags.tag(42, arcs.get(i).get().bulge());
            }
        }
    }

    /** One cubic spline through all segments, each knot three times: the Bézier curves as they are. */
    private void spline(Contour c, String layer) throws IOException {
        List<Bezier> segments = c.segments();
        List<Point> controls = new ArrayList<>();
        controls.add(segments.getFirst().start());
        for (Bezier b : segments) {
            for (int i = 1; i <= 3; i++) {
                controls.add(cubic(b, i));
            }
        }
        int n = segments.size();
        begin("SPLINE", layer, "AcDbSpline")
                .tag(210, 0.0)
                .tag(220, 0.0)
                .tag(230, 1.0)
                .tag(70, 8 + (c.closed() ? 1 : 0))
                .tag(71, 3)
                .tag(72, 3 * n + 5)
                .tag(73, controls.size())
                .tag(74, 0)
                .tag(42, 1e-7)
                .tag(43, 1e-7);
        for (int k = 0; k <= n; k++) {
            int times = k == 0 || k == n ? 4 : 3;
            for (int t = 0; t < times; t++) {
                tags.tag(40, (double) k);
            }
        }
        for (Point p : controls) {
            tags.point(10, p.x(), p.y());
        }
    }

    /** A control point of a segment as a cubic. */
    private static Point cubic(Bezier b, int i) {
        if (i == 3) {
            return b.end();
        }
        return switch (b.order()) {
            case 1 -> b.at(i / 3.0);
            case 2 -> {
                Point q = b.control(1);
                Point e = i == 1 ? b.start() : b.end();
                yield new Point(e.x() + 2.0 / 3 * (q.x() - e.x()), e.y() + 2.0 / 3 * (q.y() - e.y()));
            }
            default -> b.control(i);
        };
    }

    private static List<Point> flat(Contour c) {
        List<Point> points = new ArrayList<>();
        points.add(c.segments().getFirst().start());
        for (Bezier b : c.segments()) {
            int steps = b.steps(FLAT);
            for (int k = 1; k <= steps; k++) {
                points.add(b.at((double) k / steps));
            }
        }
        if (c.closed() && points.size() > 1 && points.getLast().distanceTo(points.getFirst()) < SAME) {
            points.removeLast();
        }
        return points;
    }

    private void oldPolyline(List<Point> points, boolean closed, String layer) throws IOException {
        tags.tag(0, "POLYLINE").tag(8, layer).tag(66, 1).point(10, 0, 0).tag(70, closed ? 1 : 0);
        for (Point p : points) {
            tags.tag(0, "VERTEX").tag(8, layer).point(10, p.x(), p.y());
        }
        tags.tag(0, "SEQEND").tag(8, layer);
    }
}
