package rondel.geometry.overlay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import rondel.progress.Cancellation;

/** In which face of the others each connected part of an arrangement lies: that beside the first edge to the left of the part's
 *  leftmost vertex. Found by a plane sweep along y, with the segments at the sweep line in order of x (de Berg and others,
 *  Computational Geometry, 2.1), in n log n. */
final class Containment {

    private static final int NONE = -1;

    private final Arrangement plane;
    private final List<List<Integer>> within = new ArrayList<>();
    private final List<Integer> free = new ArrayList<>();

    /** A segment that is not level, from its end of lower y, or, with an edge of -1, a place that is looked for.
     *
     * @param ascends whether the edge's line runs towards greater y here */
    private record Segment(double x0, double y0, double x1, double y1, int edge, boolean ascends) {
        boolean isPlace() {
            return edge == NONE;
        }

        double xAt(double y) {
            return x0 + (y - y0) / (y1 - y0) * (x1 - x0);
        }
    }

    /** Something that happens at a y.
     *
     * @param kind 0 where a segment ends, 1 where one begins, 2 where a part's place is looked for */
    private record Event(double y, int kind, Segment segment, int part) {}

    private Containment(Arrangement plane) {
        this.plane = plane;
        for (int f = 0; f < plane.faceCount(); f++) {
            within.add(List.of());
        }
    }

    static Containment of(Arrangement plane) {
        Containment all = new Containment(plane);
        if (plane.parts() == 1) {
            all.free.add(0);
        } else {
            all.sweep();
        }
        return all;
    }

    /** The parts that lie in none. */
    List<Integer> free() {
        return free;
    }

    /** The parts that lie in a face, and in no part that does. */
    List<Integer> within(int face) {
        return within.get(face);
    }

    private void sweep() {
        List<Event> events = events();
        events.sort(Comparator.comparingDouble(Event::y).thenComparingInt(Event::kind));
        TreeSet<Segment> status = new TreeSet<>(Containment::compare);
        int count = 0;
        for (Event e : events) {
            if ((++count & 4095) == 0) {
                Cancellation.check();
            }
            switch (e.kind) {
                case 0 -> status.remove(e.segment);
                case 1 -> status.add(e.segment);
                default -> put(e.part, status.lower(e.segment));
            }
        }
    }

    private List<Event> events() {
        List<Event> events = new ArrayList<>();
        Coordinate[] leftmost = new Coordinate[plane.parts()];
        for (int e = 0; e < plane.edgeCount(); e++) {
            Coordinate[] line = plane.lines[e];
            int part = plane.partOf(e);
            for (int i = 0; i < line.length; i++) {
                if (leftmost[part] == null || line[i].x < leftmost[part].x) {
                    leftmost[part] = line[i];
                }
                if (i > 0 && line[i - 1].y != line[i].y) {
                    boolean ascends = line[i - 1].y < line[i].y;
                    Coordinate a = ascends ? line[i - 1] : line[i];
                    Coordinate b = ascends ? line[i] : line[i - 1];
                    Segment s = new Segment(a.x, a.y, b.x, b.y, e, ascends);
                    events.add(new Event(a.y, 1, s, NONE));
                    events.add(new Event(b.y, 0, s, NONE));
                }
            }
        }
        for (int part = 0; part < leftmost.length; part++) {
            Coordinate p = leftmost[part];
            events.add(new Event(p.y, 2, new Segment(p.x, p.y, p.x, p.y, NONE, false), part));
        }
        return events;
    }

    /** By x, halfway along the stretch of y that both have: segments that have been noded don't cross. */
    private static int compare(Segment a, Segment b) {
        if (a == b) {
            return 0;
        }
        if (a.isPlace() || b.isPlace()) {
            double y = a.isPlace() ? a.y0 : b.y0;
            double ax = a.isPlace() ? a.x0 : a.xAt(y);
            double bx = b.isPlace() ? b.x0 : b.xAt(y);
            int order = Double.compare(ax, bx);
            return order != 0 ? order : a.isPlace() ? -1 : 1; // what begins at the place is not to its left
        }
        double y = (Math.max(a.y0, b.y0) + Math.min(a.y1, b.y1)) / 2;
        int order = Double.compare(a.xAt(y), b.xAt(y));
        return order != 0 ? order : Integer.compare(a.edge, b.edge);
    }

    private void put(int part, Segment left) {
        if (left == null) {
            free.add(part);
            return;
        }
        // Seen along the edge, greater x is at the right where y grows, and at the left where it falls.
        int face = plane.face(2 * left.edge + (left.ascends ? 1 : 0));
        if (within.get(face).isEmpty()) {
            within.set(face, new ArrayList<>());
        }
        within.get(face).add(part);
    }
}
