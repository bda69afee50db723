package rondel.lines.halo;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import rondel.geometry.Point;
import rondel.geometry.curve.SegmentIndex;

/** How far places are from artwork: 0 within it. */
final class ArtworkDistance {

    private final Geometry area;
    private final SegmentIndex segments;

    ArtworkDistance(Geometry area) {
        this.area = area;
        this.segments = edges(area);
    }

    private static SegmentIndex edges(Geometry area) {
        List<LineString> rings = new ArrayList<>();
        area.apply(new LinearComponentExtracter(rings));
        return SegmentIndex.of(rings.stream()
                .map(r -> Stream.of(r.getCoordinates())
                        .map(c -> new Point(c.x, c.y))
                        .toList())
                .toList());
    }

    Envelope box() {
        return new Envelope(area.getEnvelopeInternal());
    }

    boolean meets(Geometry other) {
        return area.intersects(other);
    }

    /** How far another is that was worked out elsewhere: where neither reaches into the other, from a corner of one to an edge
     *  of the other.
     *
     * @param x how far right of there it stands, in mm
     * @param y how far down */
    double distance(ArtworkDistance other, double x, double y) {
        Envelope there = other.box();
        there.translate(x, y);
        if (box().intersects(there)
                && area.intersects(
                        AffineTransformation.translationInstance(x, y).transform(other.area))) {
            return 0;
        }
        double[] square = {Double.POSITIVE_INFINITY};
        least(segments, other.area, x, y, square);
        least(other.segments, area, -x, -y, square);
        return Math.sqrt(square[0]);
    }

    private static void least(SegmentIndex to, Geometry from, double x, double y, double[] square) {
        from.apply((CoordinateFilter) c -> square[0] = to.square(c.x + x, c.y + y, square[0]));
    }

    /** That of all places. */
    OfSpot everywhere() {
        return new OfSpot(segments, Side.EITHER);
    }

    private enum Side {
        WITHIN,
        BEYOND,
        EITHER
    }

    /** How far the places on a spot are from the artwork: of a small one, few edges matter. */
    final class OfSpot {

        private final SegmentIndex some;
        private final Side side;

        private OfSpot(SegmentIndex some, Side side) {
            this.some = some;
            this.side = side;
        }

        /** In mm; 0 within the artwork. */
        double distance(double x, double y) {
            return isWithin(x, y) ? 0 : some.distance(x, y);
        }

        private boolean isWithin(double x, double y) {
            return side == Side.WITHIN || side == Side.EITHER && segments.crossings(x, y) % 2 == 1;
        }

        /** A smaller spot on this one.
         *
         * @param around how far places on it may be from its middle, in mm */
        OfSpot around(double x, double y, double around) {
            double edge = some.distance(x, y);
            SegmentIndex fewer = some.near(x, y, edge, around);
            if (edge <= around) {
                return new OfSpot(fewer, Side.EITHER);
            }
            return new OfSpot(fewer, isWithin(x, y) ? Side.WITHIN : Side.BEYOND);
        }
    }
}
