package rondel.geometry.overlay;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.noding.NodedSegmentString;
import rondel.progress.Cancellation;

/** A line that is being noded: the noder asks for its places again and again, so that work that was called off ends there and not only when all lines are
 *  noded. */
final class CancellableString extends NodedSegmentString {

    CancellableString(Coordinate[] points, Object data) {
        super(points, data);
    }

    @Override
    public Coordinate getCoordinate(int i) {
        Cancellation.check();
        return super.getCoordinate(i);
    }

    @Override
    public Coordinate[] getCoordinates() {
        Cancellation.check();
        return super.getCoordinates();
    }

    @Override
    public Coordinate[] getNodedCoordinates() {
        Cancellation.check();
        return super.getNodedCoordinates();
    }
}
