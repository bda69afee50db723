package rondel.run.stitch;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.awt.ShapeWriter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.FlatArea;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Cloth;
import rondel.job.Rgba;
import rondel.job.StitchSettings;

/** The stitches of one shape as it lies on the sheet, as threads that are not cut in between. */
final class StitchedElement {

    /** How far chords may be from curves, in mm. */
    private static final double FLATNESS = 0.02;

    /** How far inside the edge underlay lies, in mm, so that it is covered. */
    private static final double UNDER = 0.5;

    /** Satin with so many layers in so many square millimetres is given up. */
    private static final double HEAPED = 6.5;

    private static final int HEAPED_CELLS = 4;

    /** Satin that leaves a larger share bare is given up; letters are better in satin even so. */
    private static final double MOST_BARE = 0.03;

    private static final double MOST_BARE_OF_LETTERS = 0.1;

    private static final double UNDER_LENGTH = 2;
    private static final double CROSSING_SPACING = 2.2;
    private static final double CROSSING_LENGTH = 3;

    private final StitchSettings settings;
    private final double compensation;

    /** @param cloth by which fills reach over their outlines, where the settings say nothing */
    StitchedElement(StitchSettings settings, Cloth cloth) {
        this.settings = settings;
        this.compensation = settings.compensation().orElse(cloth.compensation());
    }

    /** A shape to be stitched.
     *
     * @param outline on the sheet
     * @param filled whether its area is, else its line
     * @param letters whether it is lettering */
    record Shape(Outline outline, FillRule rule, boolean filled, Rgba colour, boolean letters) {}

    /** What is sewn of a shape.
     *
     * @param threads each as the places where the needle goes down, one after another
     * @param area that they cover: not exact, but never too small */
    record Sewn(List<List<Point>> threads, Geometry area) {}

    Sewn sewn(Shape shape) {
        if (!shape.filled()) {
            List<List<Point>> lines = lined(shape);
            return new Sewn(lines, lineArea(lines));
        }
        Geometry area = area(shape);
        return new Sewn(filled(shape, area), area.buffer(compensation + StitchPlan.THREAD, 2));
    }

    private List<List<Point>> lined(Shape shape) {
        if (settings.kind() == StitchSettings.Kind.NODES) {
            return nodes(shape.outline());
        }
        List<List<Point>> all = new ArrayList<>();
        for (Contour c : Contour.of(shape.outline())) {
            List<Point> along = RunningStitch.along(c, settings.length());
            if (along.size() > 1) {
                all.add(settings.kind() == StitchSettings.Kind.TRIPLE ? RunningStitch.tripled(along) : along);
            }
        }
        return all;
    }

    /** Every node of an outline, also where two are at one place: there a tape has a stitch of no length. */
    private static List<List<Point>> nodes(Outline outline) {
        List<List<Point>> all = new ArrayList<>();
        double[] p = new double[6];
        for (PathIterator it = outline.iterator(null, FillRule.NON_ZERO); !it.isDone(); it.next()) {
            switch (it.currentSegment(p)) {
                case PathIterator.SEG_MOVETO -> all.add(new ArrayList<>(List.of(new Point(p[0], p[1]))));
                case PathIterator.SEG_LINETO -> all.getLast().add(new Point(p[0], p[1]));
                case PathIterator.SEG_QUADTO -> all.getLast().add(new Point(p[2], p[3]));
                case PathIterator.SEG_CUBICTO -> all.getLast().add(new Point(p[4], p[5]));
                default -> all.getLast().add(all.getLast().getFirst());
            }
        }
        all.removeIf(line -> line.size() < 2);
        return all;
    }

    /** What lies inside: of one contour that does not cross itself as it is, else united. */
    private static Geometry area(Shape shape) {
        if (Contour.of(shape.outline()).size() == 1) {
            Geometry plain = FlatArea.of(shape.outline(), FLATNESS);
            if (!plain.isEmpty() && plain.isValid()) {
                return plain;
            }
        }
        return FlatArea.of(
                Overlay.of(List.of(new Operand(shape.outline(), shape.rule()))).unite(), FLATNESS);
    }

    private static Geometry lineArea(List<List<Point>> lines) {
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> all = new ArrayList<>();
        for (List<Point> line : lines) {
            // Simpler than it is by less than the thread is wide: a tape crosses itself thousands of times.
            all.add(DouglasPeuckerSimplifier.simplify(
                            factory.createLineString(line.stream()
                                    .map(p -> new Coordinate(p.x(), p.y()))
                                    .toArray(Coordinate[]::new)),
                            StitchPlan.THREAD)
                    .buffer(2 * StitchPlan.THREAD, 2));
        }
        return factory.buildGeometry(all);
    }

    private List<List<Point>> filled(Shape shape, Geometry area) {
        List<List<Point>> all = new ArrayList<>();
        LetterOrder.of(parts(area), shape.outline(), settings.letters()).forEach(p -> polygon(p, shape.letters(), all));
        return all;
    }

    private void polygon(Polygon polygon, boolean letters, List<List<Point>> all) {
        if (settings.kind() != StitchSettings.Kind.FILL && satin(polygon, letters, all)) {
            return;
        }
        if (settings.underlay().contains(StitchSettings.Underlay.EDGE)) {
            edge(polygon, all);
        }
        if (settings.underlay().contains(StitchSettings.Underlay.CROSSING)) {
            RowFill crossing = new RowFill(CROSSING_SPACING, CROSSING_LENGTH, settings.angle() + 90, 0);
            parts(polygon.buffer(-UNDER)).forEach(p -> rows(crossing, p, all));
        }
        RowFill fill = new RowFill(settings.spacing(), settings.length() * 1.4, settings.angle(), compensation);
        rows(fill, polygon, all);
    }

    private static void rows(RowFill fill, Polygon polygon, List<List<Point>> all) {
        all.addAll(fill.over(polygon, last(all)));
    }

    /** Whether a shape is narrow enough for satin, and was sewn so. */
    private boolean satin(Polygon polygon, boolean letters, List<List<Point>> all) {
        // What is much wider all over need not be looked at closely: no middle line of it is near both sides.
        double widest = settings.kind() == StitchSettings.Kind.SATIN ? SatinShape.WIDEST_SPLIT : SatinShape.WIDEST;
        if (!polygon.buffer(-widest / 2).isEmpty()) {
            return false;
        }
        MedialAxis axis = MedialAxis.of(polygon);
        if (!SatinShape.suits(axis, widest)) {
            return false;
        }
        SatinColumn column = new SatinColumn(polygon, settings.spacing(), compensation / 2, widest);
        List<Point> thread = SatinShape.over(axis, column, settings.underlay(), last(all));
        boolean chosen = settings.kind() == StitchSettings.Kind.SATIN;
        if (thread.size() < 3 || !chosen && !covers(polygon, thread, letters)) {
            return false;
        }
        all.add(thread);
        return true;
    }

    /** Whether satin leaves no bare spot, and does not heap up where many branches meet: else rows are better. */
    private static boolean covers(Polygon polygon, List<Point> thread, boolean letter) {
        List<Stitch> stitches = thread.stream().map(Stitch::sewn).toList();
        ThreadDensity density = new ThreadDensity();
        density.add(stitches);
        return density.over(HEAPED) < HEAPED_CELLS
                && BareCloth.of(new ShapeWriter().toShape(polygon), stitches)
                        .filter(b ->
                                b.side() > BareCloth.SEEN || b.share() > (letter ? MOST_BARE_OF_LETTERS : MOST_BARE))
                        .isEmpty();
    }

    private static Optional<Point> last(List<List<Point>> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast().getLast());
    }

    private static void edge(Polygon polygon, List<List<Point>> all) {
        for (Polygon inner : parts(polygon.buffer(-UNDER))) {
            ring(inner.getExteriorRing(), all);
            for (int i = 0; i < inner.getNumInteriorRing(); i++) {
                ring(inner.getInteriorRingN(i), all);
            }
        }
    }

    private static void ring(LineString ring, List<List<Point>> all) {
        List<Point> points = new ArrayList<>();
        for (var c : ring.getCoordinates()) {
            points.add(new Point(c.x, c.y));
        }
        List<Point> along = RunningStitch.along(new Polyline(points), UNDER_LENGTH);
        if (along.size() > 2) {
            all.add(along);
        }
    }

    private static List<Polygon> parts(Geometry g) {
        List<Polygon> parts = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++) {
            if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
                parts.add(p);
            }
        }
        return parts;
    }
}
