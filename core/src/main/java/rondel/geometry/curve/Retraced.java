package rondel.geometry.curve;

import java.util.Arrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** Whether one flattened line is another drawn again, whichever way and from wherever. */
public final class Retraced {

    private Retraced() {}

    /** Whether boxes are the same to within a distance: told first, as it takes no time. */
    public static boolean alike(Envelope a, Envelope b, double near) {
        return Math.abs(a.getMinX() - b.getMinX()) < near
                && Math.abs(a.getMinY() - b.getMinY()) < near
                && Math.abs(a.getMaxX() - b.getMaxX()) < near
                && Math.abs(a.getMaxY() - b.getMaxY()) < near;
    }

    /** Whether each of two lines runs along the other.
     *
     * @param near how far they may be from each other: more than both may lie off their curves, in their units */
    public static boolean along(LineString a, LineString b, double near) {
        return lies(a, b, near) && lies(b, a, near);
    }

    private static boolean lies(LineString line, LineString on, double near) {
        IndexedFacetDistance distance = new IndexedFacetDistance(on);
        return Arrays.stream(line.getCoordinates())
                .allMatch(c -> distance.isWithinDistance(line.getFactory().createPoint(c), near));
    }
}
