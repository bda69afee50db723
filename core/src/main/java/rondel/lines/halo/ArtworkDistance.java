package rondel.lines.halo;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateFilter;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.geom.util.LinearComponentExtracter;
import rondel.geometry.curve.SegmentIndex;

/** How far places are from artwork: 0 within it. */
final class ArtworkDistance {

    private final Geometry area;
    private final SegmentIndex segments;

    ArtworkDistance(Geometry area) {
        this.area = area;
        this.segments = new SegmentIndex(edges(area));
    }

    private static double[] edges(Geometry area) {
        List<LineString> rings = new ArrayList<>();
        area.apply(new LinearComponentExtracter(rings));
        double[] ends = new double
                [4 * rings.stream().mapToInt(r -> r.getNumPoints() - 1).sum()];
        int at = 0;
        for (LineString ring : rings) {
            for (int i = 1; i < ring.getNumPoints(); i++) {
                Coordinate a = ring.getCoordinateN(i - 1);
                Coordinate b = ring.getCoordinateN(i);
                ends[at++] = a.x;
                ends[at++] = a.y;
                ends[at++] = b.x;
                ends[at++] = b.y;
            }
        }
        return ends;
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
