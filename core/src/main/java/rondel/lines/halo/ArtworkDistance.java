package rondel.lines.halo;

import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** How far places are from artwork: 0 within it. */
final class ArtworkDistance {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Geometry area;
    private final IndexedFacetDistance edge;
    private final IndexedPointInAreaLocator inside;

    ArtworkDistance(Geometry area) {
        this.area = area;
        this.edge = new IndexedFacetDistance(area);
        this.inside = new IndexedPointInAreaLocator(area);
    }

    Envelope box() {
        return new Envelope(area.getEnvelopeInternal());
    }

    double distance(double x, double y) {
        Coordinate place = new Coordinate(x, y);
        return inside.locate(place) == Location.EXTERIOR ? edge.distance(FACTORY.createPoint(place)) : 0;
    }

    boolean meets(Geometry other) {
        return area.intersects(other);
    }

    /** How far another is that was worked out elsewhere.
     *
     * @param x how far right of there it stands, in mm
     * @param y how far down */
    double distance(ArtworkDistance other, double x, double y) {
        Geometry there = AffineTransformation.translationInstance(x, y).transform(other.area);
        return area.intersects(there) ? 0 : edge.distance(there);
    }
}
