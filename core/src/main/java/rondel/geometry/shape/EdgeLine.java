package rondel.geometry.shape;

import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;

/** Draws an edge along a run of curves, clockwise on a page with y down, so that outwards is to the left. */
final class EdgeLine {

    /** Shorter chords are drawn as they are, in mm. */
    private static final double FLAT = 1e-6;

    private final OutlineBuilder out;
    private final Edge edge;

    EdgeLine(OutlineBuilder out, Edge edge) {
        this.out = out;
        this.edge = edge;
    }

    /** How many fit along a length; none of those that are taken away where there is too little room. */
    int fitting(double length) {
        if (edge.plain()) {
            return 0;
        }
        double room = edge.style() == Edge.Style.TICKET ? length - edge.pitch() : length;
        int whole = (int) Math.floor(room / edge.pitch() + 1e-9);
        return edge.outwards() > 0 ? Math.max(1, whole) : Math.max(0, whole);
    }

    /** One side between two corners. */
    void side(PathLength path) {
        double land = edge.style() == Edge.Style.TICKET ? edge.pitch() / 2 : 0;
        int count = fitting(path.length());
        if (count == 0) {
            path.addTo(out, 0, path.length());
            return;
        }
        path.addTo(out, 0, land);
        run(path, land, path.length() - land, count);
        path.addTo(out, path.length() - land, path.length());
    }

    /** So many of them between two distances, one beside the other. */
    void run(PathLength path, double from, double to, int count) {
        double step = (to - from) / count;
        for (int i = 0; i < count; i++) {
            one(path, from + i * step, i + 1 == count ? to : from + (i + 1) * step);
        }
    }

    private void one(PathLength path, double from, double to) {
        double middle = (from + to) / 2;
        switch (edge.style()) {
            case SCALLOPED -> round(path.at(from), path.at(to), true);
            case TICKET -> round(path.at(from), path.at(to), false);
            case ZIGZAG -> tooth(path.at(from), path.at(to));
            case POSTAGE -> {
                double half = Math.min(edge.depth(), (to - from) / 3);
                path.addTo(out, from, middle - half);
                round(path.at(middle - half), path.at(middle + half), false);
                path.addTo(out, middle + half, to);
            }
            default -> path.addTo(out, from, to);
        }
    }

    /** An arc over a chord, as high as the edge is deep, and half a circle at most. */
    private void round(Point a, Point b, boolean outwards) {
        double half = a.distanceTo(b) / 2;
        if (half < FLAT || edge.depth() < FLAT) {
            out.lineTo(b.x(), b.y());
            return;
        }
        double rise = Math.min(edge.depth(), half);
        double radius = (half * half + rise * rise) / (2 * rise);
        out.arcTo(radius, radius, 0, false, outwards, b.x(), b.y());
    }

    private void tooth(Point a, Point b) {
        double length = Math.max(FLAT, a.distanceTo(b));
        double nx = (b.y() - a.y()) / length;
        double ny = -(b.x() - a.x()) / length;
        out.lineTo((a.x() + b.x()) / 2 + nx * edge.depth(), (a.y() + b.y()) / 2 + ny * edge.depth());
        out.lineTo(b.x(), b.y());
    }
}
