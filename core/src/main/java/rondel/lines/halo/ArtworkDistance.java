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

    double distance(double x, double y) {
        return segments.crossings(x, y) % 2 == 1 ? 0 : segments.distance(x, y);
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
        return Math.min(least(segments, other.area, x, y), least(other.segments, area, -x, -y));
    }

    private static double least(SegmentIndex to, Geometry from, double x, double y) {
        double[] least = {Double.POSITIVE_INFINITY};
        from.apply((CoordinateFilter) c -> least[0] = Math.min(least[0], to.distance(c.x + x, c.y + y)));
        return least[0];
    }
}
