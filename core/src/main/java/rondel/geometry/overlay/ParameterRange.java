package rondel.geometry.overlay;

import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.noding.SegmentString;

/** Tells for the pieces that a source was noded into, which come one after another, from which t to which they run. */
final class ParameterRange {

    private final Sources segments;
    private int source = -1;
    private int vertex;
    private double t;
    private double began;

    ParameterRange(Sources segments) {
        this.segments = segments;
    }

    /** Goes on to the next piece. */
    void follow(SegmentString piece) {
        int of = (Integer) piece.getData();
        if (of != source) {
            source = of;
            vertex = 0;
            t = 0;
        }
        began = t;
        Coordinate[] places = segments.vertices(source);
        double[] ts = segments.parameters(source);
        for (int i = 1; i < piece.size(); i++) {
            advance(piece.getCoordinate(i), places, ts);
        }
    }

    private void advance(Coordinate p, Coordinate[] places, double[] ts) {
        for (int ahead = vertex + 1; ahead < places.length; ahead++) {
            if (places[ahead].equals2D(p)) {
                vertex = ahead;
                t = ts[ahead];
                return;
            }
            Coordinate a = places[ahead - 1];
            Coordinate b = places[ahead];
            if (Distance.pointToSegment(p, a, b) <= 2 * Overlay.GRID) {
                vertex = ahead - 1;
                t = Math.max(t, ts[ahead - 1] + a.distance(p) / a.distance(b) * (ts[ahead] - ts[ahead - 1]));
                return;
            }
        }
    }

    int source() {
        return source;
    }

    double from() {
        return began;
    }

    double to() {
        return t;
    }
}
