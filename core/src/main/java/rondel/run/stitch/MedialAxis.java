package rondel.run.stitch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.triangulate.VoronoiDiagramBuilder;
import rondel.geometry.Point;
import rondel.progress.Cancellation;

/** The middle lines of a polygon: the edges of the Voronoi diagram of its densely sampled boundary that lie inside (Brandt 1994), without the branches
 *  that only lead into corners. */
final class MedialAxis {

    /** How far the samples lie apart at most, in mm. */
    private static final double SAMPLED = 0.2;

    private static final int MOST_SAMPLES = 6000;

    /** Places of the boundary that are nearer than this are one, in mm. */
    private static final double SAME = 0.01;

    /** What is wide needs no finer places than this. */
    private static final double SAMPLES_TO_THE_WIDTH = 9;

    /** A branch that is no longer than this share of the width where it begins leads into a corner. */
    private static final double CORNER = 1.5;

    /** A place where middle lines end or meet, or pass.
     *
     * @param radius how far the boundary is, in mm */
    record Node(Point at, double radius, List<Node> beside) {
        // By identity: a node is a place in one graph.
        @Override
        public boolean equals(Object other) {
            return this == other;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(this);
        }

        @Override
        public String toString() {
            return at + " " + radius + " " + beside.size();
        }
    }

    /** In the order in which they were found, so that the same shape is sewn the same each time. */
    private final Set<Node> nodes;

    private MedialAxis(Set<Node> nodes) {
        this.nodes = nodes;
    }

    static MedialAxis of(Polygon polygon) {
        double width = 2 * polygon.getArea() / polygon.getLength();
        double step = Math.max(Math.max(SAMPLED, width / SAMPLES_TO_THE_WIDTH), polygon.getLength() / MOST_SAMPLES);
        Geometry dense = Densifier.densify(polygon, step);
        VoronoiDiagramBuilder voronoi = new VoronoiDiagramBuilder();
        voronoi.setSites(dense);
        // Sites that nearly coincide make cells without area, which JTS refuses.
        voronoi.setTolerance(SAME);
        // Not clipped to a frame: that would be an overlay of cells whose corners nearly meet.
        Geometry cells = polygon.getFactory()
                .buildGeometry(voronoi.getSubdivision().getVoronoiCellPolygons(polygon.getFactory()));
        IndexedPointInAreaLocator inside = new IndexedPointInAreaLocator(polygon);
        IndexedFacetDistance edge = new IndexedFacetDistance(polygon.getBoundary());
        Map<Coordinate, Node> known = new LinkedHashMap<>();
        for (int i = 0; i < cells.getNumGeometries(); i++) {
            Cancellation.check();
            Coordinate[] c = cells.getGeometryN(i).getCoordinates();
            for (int k = 1; k < c.length; k++) {
                if (inside.locate(c[k - 1]) == Location.INTERIOR && inside.locate(c[k]) == Location.INTERIOR) {
                    join(node(c[k - 1], known, polygon, edge), node(c[k], known, polygon, edge));
                }
            }
        }
        MedialAxis axis = new MedialAxis(new LinkedHashSet<>(known.values()));
        axis.prune();
        return axis;
    }

    private static Node node(Coordinate c, Map<Coordinate, Node> known, Polygon polygon, IndexedFacetDistance edge) {
        // Cells share corners up to rounding only.
        Coordinate key = new Coordinate(Math.rint(c.x * 1e4) / 1e4, Math.rint(c.y * 1e4) / 1e4);
        return known.computeIfAbsent(
                key,
                k -> new Node(
                        new Point(c.x, c.y), edge.distance(polygon.getFactory().createPoint(c)), new ArrayList<>()));
    }

    private static void join(Node a, Node b) {
        if (a != b && !a.beside().contains(b)) {
            a.beside().add(b);
            b.beside().add(a);
        }
    }

    private void drop(Node node) {
        node.beside().forEach(b -> b.beside().remove(node));
        nodes.remove(node);
    }

    /** Takes off branches into corners, the shortest first, until none is left: what remains after one is gone may be a longer branch. */
    private void prune() {
        boolean again = true;
        while (again) {
            again = false;
            List<List<Node>> corners = new ArrayList<>();
            for (Node leaf : nodes) {
                if (leaf.beside().size() == 1) {
                    List<Node> branch = branch(leaf, leaf.beside().getFirst());
                    boolean meets = branch.getLast().beside().size() > 2;
                    if (meets
                            && length(branch) + leaf.radius()
                                    < CORNER * branch.getLast().radius() + SAMPLED) {
                        corners.add(branch);
                    }
                }
            }
            corners.sort(java.util.Comparator.comparingDouble(MedialAxis::length));
            for (List<Node> branch : corners) {
                if (branch.getLast().beside().size() > 2) {
                    branch.subList(0, branch.size() - 1).forEach(this::drop);
                    again = true;
                }
            }
        }
        nodes.removeIf(n -> n.beside().isEmpty());
    }

    /** From a node along one way to where it ends or meets others. */
    static List<Node> branch(Node from, Node next) {
        List<Node> branch = new ArrayList<>(List.of(from, next));
        while (branch.getLast().beside().size() == 2 && branch.getLast() != from) {
            Node last = branch.getLast();
            Node before = branch.get(branch.size() - 2);
            branch.add(
                    last.beside().getFirst() == before
                            ? last.beside().getLast()
                            : last.beside().getFirst());
        }
        return branch;
    }

    static double length(List<Node> branch) {
        double length = 0;
        for (int i = 1; i < branch.size(); i++) {
            length += branch.get(i).at().distanceTo(branch.get(i - 1).at());
        }
        return length;
    }

    Set<Node> nodes() {
        return nodes;
    }

    /** The widest that the shape is anywhere, in mm. */
    double widest() {
        return 2 * nodes.stream().mapToDouble(Node::radius).max().orElse(0);
    }

    /** How wide it is in the middle of all its length. */
    double usualWidth() {
        double[] all = nodes.stream().mapToDouble(Node::radius).sorted().toArray();
        return all.length == 0 ? 0 : 2 * all[all.length / 2];
    }

    double length() {
        double twice = 0;
        for (Node n : nodes) {
            for (Node b : n.beside()) {
                twice += n.at().distanceTo(b.at());
            }
        }
        return twice / 2;
    }
}
