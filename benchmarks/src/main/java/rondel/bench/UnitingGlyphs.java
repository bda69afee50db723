package rondel.bench;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import rondel.formats.fonts.ShippedFonts;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.text.PlacedLetter;
import rondel.text.Typesetter;

/** Uniting 1,000 overlapping script glyphs: time against JTS and against Java 2D, area against a finer union, and nodes
 *  against what must be there. */
final class UnitingGlyphs {

    private static final int GLYPHS = 1000;
    private static final int FEW = 120;
    private static final String WORD = "Highwaterswellsofthemoonlitestuary";

    private UnitingGlyphs() {}

    static List<Bench.Row> rows() {
        List<Outline> glyphs = glyphs();
        List<Operand> operands =
                glyphs.stream().map(g -> new Operand(g, FillRule.NON_ZERO)).toList();
        Outline united = Overlay.of(operands).unite();
        List<Geometry> polygons = polygons(operands);
        double ours = Bench.best(3, () -> Overlay.of(operands).unite());
        double jts = Bench.best(3, () -> OverlayNGRobust.union(polygons));
        double few = Bench.best(3, () -> Overlay.of(operands.subList(0, FEW)).unite());
        double awt = Bench.best(1, () -> area(glyphs.subList(0, FEW)));
        double exact = OverlayNGRobust.union(finer(operands)).getArea();
        double off =
                Math.abs(Contour.of(united).stream().mapToDouble(Contour::area).sum() - exact) / exact;
        int nodes =
                Contour.of(united).stream().mapToInt(c -> c.segments().size()).sum();
        return List.of(
                new Bench.Row("1,000 script glyphs united, against JTS uniting their polygons", ours, jts, 1.5),
                new Bench.Row("120 of them, against java.awt.geom.Area, which takes many minutes for all", few, awt, 1),
                new Bench.Row("  their area: error in millionths, against ten", off * 1e6, 10, 1),
                new Bench.Row(
                        "  their nodes, against surviving ones and two a crossing", nodes, ideal(united, glyphs), 1.1));
    }

    private static List<Outline> glyphs() {
        Typesetter typesetter = new Typesetter(new ShippedFonts());
        List<PlacedLetter> letters =
                typesetter.letters(Lettering.plain(WORD, new FontChoice("Great Vibes", 400, false), 20));
        Random random = new Random(11);
        List<Outline> glyphs = new ArrayList<>();
        for (int i = 0; i < GLYPHS; i++) {
            PlacedLetter letter = letters.get(i % letters.size());
            Affine place = Affine.translate(10 + i % 40 * 7, 10 + i / 40 * 12)
                    .times(Affine.rotate(random.nextDouble() * 40 - 20));
            glyphs.add(letter.outline().transformed(place));
        }
        return glyphs;
    }

    /** The nodes of the result that lie on an input's node, and two for each crossing. */
    private static double ideal(Outline united, List<Outline> glyphs) {
        java.util.Set<rondel.geometry.Point> inputs = new java.util.HashSet<>();
        glyphs.forEach(g -> Contour.of(g).forEach(c -> c.segments().forEach(s -> inputs.add(s.start()))));
        int kept = 0;
        int crossings = 0;
        for (Contour c : Contour.of(united)) {
            for (Bezier b : c.segments()) {
                if (inputs.contains(b.start())) {
                    kept++;
                } else {
                    crossings++;
                }
            }
        }
        return kept + 2.0 * crossings;
    }

    private static Area area(List<Outline> glyphs) {
        Area all = new Area();
        glyphs.forEach(g -> all.add(new Area(g.toShape(FillRule.NON_ZERO))));
        return all;
    }

    private static List<Geometry> polygons(List<Operand> operands) {
        return operands.stream()
                .map(o -> polygon(Overlay.of(List.of(o)).unite(), Overlay.TOLERANCE))
                .toList();
    }

    private static List<Geometry> finer(List<Operand> operands) {
        return operands.stream()
                .map(o -> polygon(Overlay.of(List.of(o)).unite(), Overlay.TOLERANCE / 50))
                .toList();
    }

    private static Geometry polygon(Outline outline, double tolerance) {
        GeometryFactory factory = new GeometryFactory();
        List<LinearRing> outers = new ArrayList<>();
        List<LinearRing> holes = new ArrayList<>();
        for (Contour c : Contour.of(outline)) {
            List<Coordinate> points = new ArrayList<>();
            for (Bezier b : c.segments()) {
                int steps = b.steps(tolerance);
                for (int i = 0; i < steps; i++) {
                    points.add(
                            new Coordinate(b.coordinate(0, (double) i / steps), b.coordinate(1, (double) i / steps)));
                }
            }
            points.add(points.getFirst().copy());
            LinearRing ring = factory.createLinearRing(points.toArray(Coordinate[]::new));
            (c.area() > 0 ? outers : holes).add(ring);
        }
        Geometry all = OverlayNGRobust.union(
                outers.stream().<Geometry>map(factory::createPolygon).toList());
        for (LinearRing hole : holes) {
            Polygon p = factory.createPolygon(hole);
            all = OverlayNGRobust.overlay(all, p, org.locationtech.jts.operation.overlayng.OverlayNG.DIFFERENCE);
        }
        return all;
    }
}
