package rondel.lines.halo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Contour;
import rondel.geometry.curve.CurveFitting;
import rondel.job.HaloSettings;
import rondel.progress.Cancellation;
import rondel.progress.ParallelMap;

/** The outline at a distance around others: the flattened outlines buffered by JTS, gaps bridged by closing (out by
 *  half their width and in again, Serra 1982), holes judged after that, and curves fitted to what comes out. */
final class Offsetting {

    private static final double MITRE_LIMIT = 4;
    private static final double CHORD = 0.004;
    private static final CurveFitting FITTING = new CurveFitting(0.015, 35, 0.25);
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private Offsetting() {}

    /** @param others artwork whose halos this one keeps clear of, by a gap in mm
     *  @return nothing where nothing is left */
    static Outline of(CoveredArtwork artwork, HaloSettings settings, List<Neighbour> others, double gap) {
        if (others.isEmpty()) {
            return artwork.line(settings);
        }
        Geometry left = artwork.grown(settings);
        for (Geometry taken : ParallelMap.of(others, o -> artwork.givesWay(settings, o, gap))) {
            left = taken.isEmpty() ? left : OverlayNGRobust.overlay(left, taken, OverlayNG.DIFFERENCE);
        }
        return fitted(withArtwork(left, artwork.nearness()), settings.smallestHole());
    }

    /** Drops what has been cut off on the far side of a neighbour. */
    private static Geometry withArtwork(Geometry halo, ArtworkDistance own) {
        List<Geometry> kept = new ArrayList<>();
        for (int i = 0; i < halo.getNumGeometries(); i++) {
            if (own.meets(halo.getGeometryN(i))) {
                kept.add(halo.getGeometryN(i));
            }
        }
        return FACTORY.buildGeometry(kept);
    }

    /** What a halo takes in, where nothing else is near. */
    static Geometry grown(Geometry area, HaloSettings settings) {
        Geometry even = even(area, settings);
        boolean parted = settings.bridge() > 0 && settings.distance() >= 0 && even.getNumGeometries() > 1;
        return parted ? eachAlone(area, even, settings) : even;
    }

    /** How far a place of a halo may be from its artwork at most: closing takes in no more than growing does before it, sharp
     *  corners reach as far as their limit, and evening out adds its radius. */
    static double reach(HaloSettings settings) {
        double corners = settings.corners() == HaloSettings.Corners.SHARP ? MITRE_LIMIT : 1;
        return corners * (Math.max(0, settings.distance()) + settings.bridge() / 2) + settings.smooth();
    }

    /** At the distance, gaps bridged, bumps and notches evened out. */
    private static Geometry even(Geometry area, HaloSettings settings) {
        double bridging = settings.bridge() / 2;
        Geometry grown = settings.distance() >= 0
                ? buffer(area, settings.distance() + bridging, settings.corners())
                : buffer(
                        buffer(
                                buffer(area, bridging, HaloSettings.Corners.ROUND),
                                -bridging,
                                HaloSettings.Corners.ROUND),
                        settings.distance(),
                        HaloSettings.Corners.ROUND);
        Cancellation.check();
        Geometry closed = settings.distance() >= 0 ? buffer(grown, -bridging, HaloSettings.Corners.ROUND) : grown;
        Geometry even = settings.smooth() > 0 ? smoothed(closed, settings.smooth()) : closed;
        Cancellation.check();
        return even;
    }

    /** The same for the artwork in each part by itself: parts that are nearly bridged would bulge towards each other. */
    private static Geometry eachAlone(Geometry area, Geometry parts, HaloSettings settings) {
        List<Geometry> alone = new ArrayList<>();
        boolean[] taken = new boolean[area.getNumGeometries()];
        for (int i = 0; i < parts.getNumGeometries(); i++) {
            Geometry part = parts.getGeometryN(i);
            List<Geometry> inside = new ArrayList<>();
            for (int k = 0; k < taken.length; k++) {
                if (!taken[k] && part.intersects(area.getGeometryN(k))) {
                    taken[k] = true;
                    inside.add(area.getGeometryN(k));
                }
            }
            if (!inside.isEmpty()) {
                alone.add(even(FACTORY.buildGeometry(inside), settings));
            }
        }
        return UnaryUnionOp.union(alone);
    }

    private static Geometry buffer(Geometry g, double distance, HaloSettings.Corners corners) {
        if (distance == 0 || g.isEmpty()) {
            return g;
        }
        BufferParameters how = new BufferParameters(arcs(Math.abs(distance)));
        if (corners == HaloSettings.Corners.SHARP) {
            how.setJoinStyle(BufferParameters.JOIN_MITRE);
            how.setMitreLimit(MITRE_LIMIT);
        }
        how.setSimplifyFactor(0.001);
        return BufferOp.bufferOp(g, distance, how);
    }

    /** How many chords a quarter of a circle needs to stay within a distance of it. */
    private static int arcs(double radius) {
        double angle = 2 * Math.acos(Math.max(-1, 1 - CHORD / Math.max(radius, CHORD)));
        return (int) Math.clamp(Math.ceil(Math.PI / 2 / angle), 4, 64);
    }

    /** Opened, then closed. */
    private static Geometry smoothed(Geometry g, double radius) {
        Geometry opened =
                buffer(buffer(g, -radius, HaloSettings.Corners.ROUND), 2 * radius, HaloSettings.Corners.ROUND);
        return buffer(opened, -radius, HaloSettings.Corners.ROUND);
    }

    static Outline fitted(Geometry g, double smallestHole) {
        List<Contour> contours = new ArrayList<>();
        for (int i = 0; i < g.getNumGeometries(); i++) {
            if (g.getGeometryN(i) instanceof Polygon p && !p.isEmpty()) {
                contours.add(oriented(fitted(p.getExteriorRing()), true));
                for (int k = 0; k < p.getNumInteriorRing(); k++) {
                    if (isKept(p.getInteriorRingN(k), smallestHole)) {
                        contours.add(oriented(fitted(p.getInteriorRingN(k)), false));
                    }
                }
            }
        }
        return Contour.outline(contours);
    }

    private static boolean isKept(LinearRing hole, double smallest) {
        if (smallest <= 0) {
            return true;
        }
        boolean room = Math.min(
                        hole.getEnvelopeInternal().getWidth(),
                        hole.getEnvelopeInternal().getHeight())
                >= smallest;
        return room && !FACTORY.createPolygon(hole).buffer(-smallest / 2).isEmpty();
    }

    private static Contour oriented(Contour c, boolean outer) {
        return c.area() > 0 == outer ? c : c.reversed();
    }

    private static Contour fitted(LinearRing ring) {
        Geometry thinned = DouglasPeuckerSimplifier.simplify(ring, 0.0005);
        Coordinate[] all = thinned.isEmpty() ? ring.getCoordinates() : thinned.getCoordinates();
        List<Point> points = new ArrayList<>(Arrays.stream(all, 0, all.length - 1)
                .map(c -> new Point(c.x, c.y))
                .toList());
        return FITTING.closed(points);
    }
}
