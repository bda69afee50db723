package rondel.run.stitch;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.geometry.Point;

/** Stitches from side to side across a narrow part of a shape, at right angles to its middle line. */
final class SatinColumn {

    /** How far places along the middle line lie apart before it is smoothed, in mm. */
    private static final double FINE = 0.25;

    /** Over how much of the width the direction of the middle line is taken. */
    private static final double SMOOTH = 0.8;

    /** How much farther than the boundary is near a side may be, before it belongs to another part of the shape. */
    private static final double FAR = 1.7;

    /** Nearer to each other on the inside of a bend, in mm, every second stitch ends short. */
    private static final double TIGHT = 0.28;

    private static final double SHORT = 0.3;

    /** Middle lines are looked at so much finer than stitches lie apart: in bends they lie as near as the outer side needs. */
    private static final double FINER = 6;

    /** So much denser than in the middle stitches lie at most, for the sake of the outer side. */
    private static final double MOST_FANNED = 1.5;

    /** Longer stitches are split, in mm, and at which shares of them, one after another, so that no furrow shows. */
    private static final double SPLIT = 6.8;

    private static final double[] SPLIT_AT = {0.5, 0.38, 0.62};

    /** How far inside of the edges underlay lies, in mm, how long its stitches are, and how far those of a zigzag lie apart. */
    private static final double INSET = 0.6;

    private static final double EDGE_LENGTH = 2;
    private static final double ZIGZAG = 1.6;

    private final STRtree edges = new STRtree();
    private final double spacing;
    private final double beyond;

    /** How far a stitch reaches to one side at most, in mm. */
    private final double most;

    /** @param spacing from stitch to stitch on one side
     *  @param beyond how far stitches reach over the edge
     *  @param widest that satin may be here */
    SatinColumn(Polygon polygon, double spacing, double beyond, double widest) {
        this.spacing = spacing;
        this.beyond = beyond;
        this.most = widest / 2 - 0.15;
        ring(polygon.getExteriorRing().getCoordinates());
        for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
            ring(polygon.getInteriorRingN(i).getCoordinates());
        }
        edges.build();
    }

    private void ring(Coordinate[] c) {
        for (int i = 1; i < c.length; i++) {
            LineSegment s = new LineSegment(c[i - 1], c[i]);
            edges.insert(new org.locationtech.jts.geom.Envelope(s.p0, s.p1), s);
        }
    }

    /** @param branch of the middle line
     *  @param endsInTip whether the shape ends where the branch does, so that stitches go on to its tip
     *  @return where the needle goes down, from the first node to the last */
    List<Point> along(List<MedialAxis.Node> branch, boolean beginsInTip, boolean endsInTip) {
        Ribs ribs = new Ribs(branch, middle(branch, beginsInTip, endsInTip), spacing / FINER);
        List<Point> places = new ArrayList<>();
        Optional<Rib> before = Optional.empty();
        List<Point> sides = new ArrayList<>(List.of(Point.ORIGIN, Point.ORIGIN));
        int number = 0;
        for (int i = 0; i < ribs.centres.size(); i++) {
            Optional<Rib> found = ribs.rib(i);
            boolean last = i == ribs.centres.size() - 1;
            if (found.isEmpty()
                    || !last && before.isPresent() && before.get().goneTo(found.get()) < (spacing - ribs.step) / 2) {
                continue;
            }
            before = found;
            int side = number % 2;
            Point centre = found.get().centre();
            Point at = found.get().end(side, beyond);
            boolean tight = number > 1 && sides.get(side).distanceTo(at) < TIGHT && number / 2 % 2 == 1;
            sides.set(side, at);
            Point down =
                    tight ? centre.plus((at.x() - centre.x()) * (1 - SHORT), (at.y() - centre.y()) * (1 - SHORT)) : at;
            if (places.isEmpty() || places.getLast().distanceTo(down) >= RunningStitch.SHORTEST - 1e-9) {
                split(places, down, number);
                places.add(down);
            }
            number++;
        }
        return places;
    }

    private static void split(List<Point> places, Point to, int number) {
        if (!places.isEmpty() && places.getLast().distanceTo(to) > SPLIT) {
            Point from = places.getLast();
            double share = SPLIT_AT[number % SPLIT_AT.length];
            places.add(from.plus(share * (to.x() - from.x()), share * (to.y() - from.y())));
        }
    }

    /** A run a little inside of one side, from the first node to the last. */
    List<Point> edge(List<MedialAxis.Node> branch, int side) {
        Ribs ribs = new Ribs(branch, middle(branch, false, false), EDGE_LENGTH);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < ribs.centres.size(); i++) {
            ribs.rib(i).ifPresent(r -> places.add(r.end(side, -INSET)));
        }
        return places;
    }

    /** To and fro between both sides, a little inside, from the first node to the last. */
    List<Point> zigzag(List<MedialAxis.Node> branch) {
        Ribs ribs = new Ribs(branch, middle(branch, false, false), ZIGZAG / 2);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < ribs.centres.size(); i++) {
            Optional<Rib> rib = ribs.rib(i);
            if (rib.isPresent()) {
                Point end = rib.get().end(i % 2, -INSET);
                split(places, end, i);
                places.add(end);
            }
        }
        return places;
    }

    /** Places along a middle line, and from them straight to both sides. */
    private final class Ribs {

        private final List<MedialAxis.Node> branch;
        private final List<Point> centres;
        private final double[] radii;
        private final double step;

        Ribs(List<MedialAxis.Node> branch, List<Point> middle, double step) {
            this.branch = branch;
            this.step = step;
            Polyline line = new Polyline(middle);
            this.centres = line.parted((int) Math.max(2, Math.round(line.length() / step)));
            this.radii = radii();
        }

        /** How far the boundary is from each place: as far as from the node that is nearest to it, which comes no sooner than the one before. */
        private double[] radii() {
            double[] found = new double[centres.size()];
            int node = 0;
            for (int i = 0; i < found.length; i++) {
                Point p = centres.get(i);
                while (node + 1 < branch.size()
                        && branch.get(node + 1).at().distanceTo(p)
                                <= branch.get(node).at().distanceTo(p)) {
                    node++;
                }
                found[i] = branch.get(node).radius();
            }
            return found;
        }

        /** A place along the line; around and on where it is closed. */
        private Point at(int i) {
            int last = centres.size() - 1;
            boolean closed = branch.getFirst() == branch.getLast();
            return centres.get(closed ? Math.floorMod(i, last) : Math.clamp(i, 0, last));
        }

        /** @return nothing where the middle line has no direction */
        Optional<Rib> rib(int i) {
            double radius = radii[i];
            int reach = (int) Math.max(1, Math.round(SMOOTH * radius / step));
            Point a = at(i - reach);
            Point b = at(i + reach);
            double far = a.distanceTo(b);
            if (far == 0) {
                return Optional.empty();
            }
            double nx = -(b.y() - a.y()) / far;
            double ny = (b.x() - a.x()) / far;
            double room = Math.min(most, radius * FAR + 0.3);
            return Optional.of(new Rib(
                    centres.get(i),
                    nx,
                    ny,
                    toEdge(centres.get(i), nx, ny, room),
                    toEdge(centres.get(i), -nx, -ny, room)));
        }
    }

    /** From a place on a middle line straight to both sides, each so far. */
    private record Rib(Point centre, double nx, double ny, double left, double right) {

        /** @param over how far it reaches over the edge, or stays inside */
        Point end(int side, double over) {
            double wide = Math.max(0, (side == 0 ? left : right) + over);
            double way = side == 0 ? wide : -wide;
            return centre.plus(nx * way, ny * way);
        }

        /** How far the ends of the next one are from those of this, on the side where it is farther. */
        double goneTo(Rib next) {
            double far = centre.distanceTo(next.centre);
            // Where the width leaps, as at a junction, the way along the edge is not the way along the column.
            double most = MOST_FANNED * far;
            return Math.max(far, Math.min(most, Math.max(gone(next, 0), gone(next, 1))));
        }

        private double gone(Rib next, int side) {
            return end(side, 0).distanceTo(next.end(side, 0));
        }
    }

    /** How far the edge is in one direction, in mm.
     *
     * @param most where it is farther, or there is none */
    private double toEdge(Point from, double nx, double ny, double most) {
        Coordinate a = new Coordinate(from.x(), from.y());
        LineSegment ray = new LineSegment(a, new Coordinate(from.x() + nx * most, from.y() + ny * most));
        double least = most;
        for (Object o : edges.query(new org.locationtech.jts.geom.Envelope(ray.p0, ray.p1))) {
            Coordinate hit = ((LineSegment) o).intersection(ray);
            if (hit != null) {
                least = Math.min(least, a.distance(hit));
            }
        }
        return least;
    }

    /** The middle line without its zigzags, to the tips of the shape. */
    private List<Point> middle(List<MedialAxis.Node> branch, boolean beginsInTip, boolean endsInTip) {
        Polyline raw = new Polyline(branch.stream().map(MedialAxis.Node::at).toList());
        int parts = (int) Math.max(2, Math.ceil(raw.length() / FINE));
        List<Point> even = raw.parted(parts);
        List<Point> smooth = new ArrayList<>();
        for (int i = 0; i < even.size(); i++) {
            int reach = Math.min(3, Math.min(i, even.size() - 1 - i));
            double x = 0;
            double y = 0;
            for (int k = i - reach; k <= i + reach; k++) {
                x += even.get(k).x();
                y += even.get(k).y();
            }
            smooth.add(new Point(x / (2 * reach + 1), y / (2 * reach + 1)));
        }
        if (beginsInTip) {
            smooth.addFirst(tip(
                    smooth.get(Math.min(4, smooth.size() - 1)),
                    smooth.getFirst(),
                    branch.getFirst().radius()));
        }
        if (endsInTip) {
            smooth.add(tip(
                    smooth.get(Math.max(0, smooth.size() - 5)),
                    smooth.getLast(),
                    branch.getLast().radius()));
        }
        return smooth;
    }

    private Point tip(Point before, Point end, double radius) {
        double far = before.distanceTo(end);
        if (far == 0) {
            return end;
        }
        double nx = (end.x() - before.x()) / far;
        double ny = (end.y() - before.y()) / far;
        double on = Math.max(0, toEdge(end, nx, ny, radius * FAR + 0.3) - spacing / 2);
        return end.plus(nx * on, ny * on);
    }
}
