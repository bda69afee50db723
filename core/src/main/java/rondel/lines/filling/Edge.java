package rondel.lines.filling;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.LinearComponentExtracter;

/** The edge of what is filled, for copies on their way.
 *
 * @param inside how far places are inside, in mm; below 0 outside
 * @param corners where the edge points into what is filled: they may come between two points of a copy's rim */
record Edge(DistanceField inside, List<Coordinate> corners) {

    Edge {
        corners = List.copyOf(corners);
    }

    static Edge of(Geometry area, DistanceField inside) {
        List<Coordinate> corners = new ArrayList<>();
        for (Object line : LinearComponentExtracter.getLines(area.norm())) {
            Coordinate[] ring = ((LineString) line).getCoordinates();
            int n = ring.length - 1;
            for (int i = 0; i < n; i++) {
                if (turn(ring[(i + n - 1) % n], ring[i], ring[i + 1]) > FillingTuning.SHARP_TURN) {
                    corners.add(ring[i]);
                }
            }
        }
        return new Edge(inside, corners);
    }

    /** How far a ring turns at a corner towards what it goes around: an area lies to the right of its rings, holes and all, once
     *  it is in normal form. */
    private static double turn(Coordinate before, Coordinate at, Coordinate after) {
        double ax = at.x - before.x;
        double ay = at.y - before.y;
        double bx = after.x - at.x;
        double by = after.y - at.y;
        return StrictMath.atan2(ax * by - ay * bx, ax * bx + ay * by);
    }
}
