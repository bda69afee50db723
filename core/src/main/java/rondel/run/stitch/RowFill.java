package rondel.run.stitch;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import rondel.geometry.Point;
import rondel.progress.Cancellation;

/** A fill (tatami): rows at an angle, sewn to and fro section by section, with the needle down where the rows before and after have none, so that no
 *  furrows show; from section to section the thread goes inside the shape, under what comes later ({@link SectionOrder}). */
final class RowFill {

    /** From one row to the next the places of the needle are put off by this share of a stitch. */
    private static final double OFFSET = 0.29;

    /** How far rows reach over the edge anyway, in mm: their ends are round, and the edge is not. */
    private static final double OVER = 0.1;

    /** Nearer to the end of a row the needle does not go down again, as a share of a stitch: else short shapes would have many more stitches to their area
     *  than long ones. */
    private static final double FREE = 0.45;

    /** The longest that comes of it, in mm. */
    private static final double LONGEST = 6.9;

    /** Stitches on the way to another section, in mm. */
    private static final double TRAVEL = 2.5;

    private final double spacing;
    private final double length;
    private final double free;
    private final double angle;
    private final double beyond;

    /** @param spacing from row to row
     *  @param length of a stitch
     *  @param angle of the rows, in degrees clockwise from the right
     *  @param beyond how far rows reach over the outline at both ends */
    RowFill(double spacing, double length, double angle, double beyond) {
        this.spacing = spacing;
        this.length = Math.min(length, LONGEST / (1 + 2 * FREE));
        this.free = FREE * this.length;
        this.angle = angle;
        this.beyond = beyond;
    }

    /** Where the needle goes down, thread by thread: one, unless a neck is too narrow for rows; none for a shape that is too small for one.
     *
     * @param from where the thread comes from */
    List<List<Point>> over(Polygon polygon, Optional<Point> from) {
        AffineTransformation level = AffineTransformation.rotationInstance(Math.toRadians(-angle));
        AffineTransformation back = AffineTransformation.rotationInstance(Math.toRadians(angle));
        FillRows rows = new FillRows((Polygon) level.transform(polygon), spacing);
        if (rows.isEmpty()) {
            return List.of();
        }
        Sewing sewing = new Sewing(rows);
        sewing.sew(from.map(p -> turned(level, p)));
        sewing.end();
        return sewing.threads.stream()
                .map(t -> t.stream().map(p -> turned(back, p)).toList())
                .toList();
    }

    private static Point turned(AffineTransformation by, Point p) {
        var c = by.transform(
                new org.locationtech.jts.geom.Coordinate(p.x(), p.y()), new org.locationtech.jts.geom.Coordinate());
        return new Point(c.x, c.y);
    }

    /** One shape being sewn. */
    private final class Sewing {

        private final FillRows rows;
        private final Set<RowSegment> sewn = new HashSet<>();
        private final InnerTravel travel = new InnerTravel(sewn);
        private final List<List<Point>> threads = new ArrayList<>();
        private List<Point> places = new ArrayList<>();

        Sewing(FillRows rows) {
            this.rows = rows;
        }

        void sew(Optional<Point> from) {
            RowSegment first = from.map(p -> rows.nearest(p.x(), p.y()))
                    .orElseGet(() -> rows.sections().getFirst().getFirst());
            Point at = from.orElseGet(() -> new Point(first.left(), first.y()));
            RowSegment here = first;
            for (SectionOrder.Visit visit : SectionOrder.from(rows.sections(), first)) {
                Cancellation.check();
                Optional<InnerTravel.Way> way = travel.to(here, at, visit.starts());
                // One polygon is one piece of cloth: there is always a way, but where rows are too coarse for a neck of
                // it. What lies beyond is sewn by itself.
                RowSegment to = way.map(InnerTravel.Way::to)
                        .orElseGet(() -> visit.starts().iterator().next());
                way.ifPresentOrElse(w -> go(w.places()), this::end);
                here = section(visit.section(), to);
                at = places.getLast();
            }
        }

        private void end() {
            if (places.size() > 1) {
                threads.add(places);
            }
            places = new ArrayList<>();
        }

        private void go(List<Point> way) {
            if (places.isEmpty() || way.isEmpty()) {
                return;
            }
            // The needle goes down where the way meets rows: between them it could be outside.
            Point before = places.getLast();
            for (Point p : way) {
                if (places.getLast().distanceTo(p) > TRAVEL) {
                    down(before);
                    straight(before, p);
                }
                before = p;
            }
            down(way.getLast());
        }

        private void straight(Point from, Point to) {
            Polyline line = new Polyline(List.of(from, to));
            int parts = (int) Math.ceil(line.length() / TRAVEL);
            if (parts > 1) {
                List<Point> parted = line.parted(parts);
                parted.subList(1, parts).forEach(this::down);
            }
        }

        /** Sews a section from one of its ends. @return the stretch at which it ends */
        private RowSegment section(List<RowSegment> section, RowSegment start) {
            List<RowSegment> order = start == section.getFirst() ? section : section.reversed();
            boolean rightwards = places.isEmpty()
                    || Math.abs(places.getLast().x() - start.left())
                            <= Math.abs(places.getLast().x() - start.right());
            for (RowSegment s : order) {
                row(s, rightwards);
                rightwards = !rightwards;
                sewn.add(s);
            }
            return order.getLast();
        }

        private void row(RowSegment s, boolean rightwards) {
            double lo = s.left() - beyond - OVER;
            double hi = s.right() + beyond + OVER;
            double begin = rightwards ? lo : hi;
            double end = rightwards ? hi : lo;
            if (!places.isEmpty()) {
                begin = Math.clamp(begun(places.getLast(), begin, s.y(), rightwards), lo, hi);
                Point start = new Point(begin, s.y());
                if (places.getLast().distanceTo(start) > TRAVEL) {
                    // Along both rows: aslant between them the thread could lie outside.
                    Point last = places.getLast();
                    double over = s.within(last.x());
                    go(List.of(new Point(over, last.y()), new Point(over, s.y()), start));
                }
            }
            down(new Point(begin, s.y()));
            double phase = s.row() * OFFSET % 1 * length;
            List<Double> inner = new ArrayList<>();
            for (double x = Math.ceil((lo - phase) / length) * length + phase; x < hi; x += length) {
                if (Math.abs(x - begin) >= free && Math.abs(x - end) >= free) {
                    inner.add(x);
                }
            }
            (rightwards ? inner : inner.reversed()).forEach(x -> down(new Point(x, s.y())));
            if (Math.abs(end - begin) >= RunningStitch.SHORTEST) {
                down(new Point(end, s.y()));
            }
        }

        /** Where a row begins: at its end, or as far inside of it as makes the turn from the row before a stitch. */
        private double begun(Point last, double outer, double y, boolean rightwards) {
            double shortest = RunningStitch.SHORTEST + 1e-6;
            double down = y - last.y();
            if (Math.hypot(outer - last.x(), down) >= shortest || Math.abs(down) >= shortest) {
                return outer;
            }
            double aside = Math.sqrt(shortest * shortest - down * down);
            return last.x() + (rightwards ? aside : -aside);
        }

        private void down(Point p) {
            if (places.isEmpty() || places.getLast().distanceTo(p) >= RunningStitch.SHORTEST - 1e-9) {
                places.add(p);
            }
        }
    }
}
