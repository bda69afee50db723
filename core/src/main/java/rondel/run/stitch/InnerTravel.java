package rondel.run.stitch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import rondel.geometry.Point;

/** Ways inside a shape from one stretch of its rows to another (Dijkstra 1959 over stretches that meet): under what is still to be sewn wherever that
 *  can be, for on what is sewn they are seen. */
final class InnerTravel {

    /** How many times as far a way over what is sewn counts. */
    private static final double SEEN = 6;

    private final Set<RowSegment> sewn;

    /** @param sewn what is sewn by now; it grows */
    InnerTravel(Set<RowSegment> sewn) {
        this.sewn = sewn;
    }

    /** A way, and how far it counts. */
    record Way(RowSegment to, List<Point> places, double cost) {}

    private record Open(RowSegment at, Point place, double cost) {}

    /** The shortest way to any of some stretches.
     *
     * @param from where it begins, on a stretch
     * @return nothing where none of them can be reached */
    java.util.Optional<Way> to(RowSegment start, Point from, Set<RowSegment> targets) {
        Map<RowSegment, Open> best = new HashMap<>();
        Map<RowSegment, RowSegment> before = new HashMap<>();
        PriorityQueue<Open> open = new PriorityQueue<>(Comparator.comparingDouble(Open::cost));
        Open first = new Open(start, new Point(start.within(from.x()), start.y()), 0);
        best.put(start, first);
        open.add(first);
        while (!open.isEmpty()) {
            Open next = open.poll();
            if (best.get(next.at()) != next) {
                continue;
            }
            if (targets.contains(next.at())) {
                return java.util.Optional.of(new Way(next.at(), places(next.at(), best, before), next.cost()));
            }
            for (RowSegment s : next.at().beside()) {
                // As straight on as the stretches let it.
                double lo = Math.max(s.left(), next.at().left());
                double hi = Math.min(s.right(), next.at().right());
                Point p = new Point(Math.clamp(next.place().x(), lo, hi), s.y());
                double far = p.distanceTo(next.place()) * (sewn.contains(s) ? SEEN : 1);
                Open known = best.get(s);
                if (known == null || known.cost() > next.cost() + far) {
                    Open found = new Open(s, p, next.cost() + far);
                    best.put(s, found);
                    before.put(s, next.at());
                    open.add(found);
                }
            }
        }
        return java.util.Optional.empty();
    }

    private static List<Point> places(RowSegment at, Map<RowSegment, Open> best, Map<RowSegment, RowSegment> before) {
        List<Point> places = new ArrayList<>();
        for (RowSegment s = at; s != null; s = before.get(s)) {
            Point p = best.get(s).place();
            if (!places.isEmpty() && places.getFirst().x() != p.x()) {
                // Along the row, then over to the next: aslant it could lead outside.
                places.addFirst(new Point(places.getFirst().x(), p.y()));
            }
            places.addFirst(p);
        }
        return places;
    }
}
