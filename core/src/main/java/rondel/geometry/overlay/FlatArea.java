package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import rondel.geometry.Outline;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** What lies inside outlines whose contours do not cross, flattened to polygons for JTS. */
public final class FlatArea {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private FlatArea() {}

    /** @param outline as an overlay makes it: outer contours run one way, holes the other
     *  @param flatness how far chords may be from the curves, in mm */
    public static Geometry of(Outline outline, double flatness) {
        List<Geometry> polygons = new ArrayList<>();
        for (Outline region : Regions.of(outline)) {
            List<LinearRing> holes = new ArrayList<>();
            LinearRing outer = null;
            for (Contour c : Contour.of(region)) {
                LinearRing ring = ring(c, flatness);
                if (c.area() > 0) {
                    outer = ring;
                } else {
                    holes.add(ring);
                }
            }
            if (outer != null) {
                polygons.add(FACTORY.createPolygon(outer, holes.toArray(LinearRing[]::new)));
            }
        }
        return FACTORY.buildGeometry(polygons);
    }

    private static LinearRing ring(Contour contour, double flatness) {
        List<Coordinate> points = new ArrayList<>();
        for (Bezier b : contour.segments()) {
            int steps = b.steps(flatness);
            for (int i = 0; i < steps; i++) {
                points.add(new Coordinate(b.coordinate(0, (double) i / steps), b.coordinate(1, (double) i / steps)));
            }
        }
        points.add(points.getFirst().copy());
        while (points.size() < 4) {
            points.add(points.getFirst().copy());
        }
        return FACTORY.createLinearRing(points.toArray(Coordinate[]::new));
    }
}
