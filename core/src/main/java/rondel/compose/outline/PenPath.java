package rondel.compose.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;

/** An outline as it is drawn with a pen: points set one after another, each a corner or with a handle, which stands on both sides of
 *  it in one line. Places are in mm on the sheet. */
public record PenPath(List<Knot> knots) {

    /** A point that was set.
     *
     * @param handle where its handle was drawn to; nothing for a corner */
    public record Knot(Point at, Optional<Point> handle) {

        Point leaving() {
            return handle.orElse(at);
        }

        /** The handle on the other side, as long. */
        Point arriving() {
            return handle.map(h -> new Point(2 * at.x() - h.x(), 2 * at.y() - h.y()))
                    .orElse(at);
        }
    }

    public static final PenPath EMPTY = new PenPath(List.of());

    public PenPath {
        knots = List.copyOf(knots);
    }

    public PenPath plus(Knot knot) {
        List<Knot> more = new ArrayList<>(knots);
        more.add(knot);
        return new PenPath(more);
    }

    /** Without the point set last. */
    public PenPath without() {
        return knots.isEmpty() ? this : new PenPath(knots.subList(0, knots.size() - 1));
    }

    /** Whether there are points enough for an outline. */
    public boolean isEnough(boolean closed) {
        boolean curved = knots.stream().anyMatch(k -> k.handle().isPresent());
        return knots.size() >= (closed && !curved ? 3 : 2);
    }

    /** The outline through all points, straight between two corners; nothing through fewer than two. */
    public Outline outline(boolean closed) {
        OutlineBuilder out = new OutlineBuilder();
        for (int i = 0; i < knots.size(); i++) {
            if (i == 0) {
                out.moveTo(knots.getFirst().at().x(), knots.getFirst().at().y());
            } else {
                join(out, knots.get(i - 1), knots.get(i));
            }
        }
        if (closed && knots.size() > 1) {
            Knot last = knots.getLast();
            if (last.handle().isPresent() || knots.getFirst().handle().isPresent()) {
                join(out, last, knots.getFirst());
            }
            out.close();
        }
        return out.build();
    }

    private static void join(OutlineBuilder out, Knot from, Knot to) {
        if (from.handle().isEmpty() && to.handle().isEmpty()) {
            out.lineTo(to.at().x(), to.at().y());
            return;
        }
        Point a = from.leaving();
        Point b = to.arriving();
        out.cubicTo(a.x(), a.y(), b.x(), b.y(), to.at().x(), to.at().y());
    }
}
