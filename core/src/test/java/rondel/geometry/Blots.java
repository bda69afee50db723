package rondel.geometry;

import java.util.SplittableRandom;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Random shapes without holes that do not cross themselves. */
public final class Blots {

    private Blots() {}

    /** A blot of straight sides about a place.
     *
     * @param corners how many
     * @param least how near a corner may be to the place
     * @param most and how far from it */
    public static Polygon at(Point place, int corners, double least, double most, SplittableRandom random) {
        Coordinate[] points = new Coordinate[corners + 1];
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners;
            double reach = least + (most - least) * random.nextDouble();
            points[i] = new Coordinate(
                    place.x() + reach * StrictMath.cos(angle), place.y() + reach * StrictMath.sin(angle));
        }
        points[corners] = points[0];
        return new GeometryFactory().createPolygon(points);
    }
}
