package rondel.geometry.curve;

import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** One contour of an outline as segments that follow each other. A closed one ends where it starts: where the outline only
 *  says that it is closed, the line back is a segment of its own.
 *
 * @param closed whether the outline closes it; an open one is not filled to its start here */
public record Contour(List<Bezier> segments, boolean closed) {

    public Contour {
        segments = List.copyOf(segments);
    }

    /** The contours of an outline, without segments that are mere points. */
    public static List<Contour> of(Outline outline) {
        List<Contour> contours = new ArrayList<>();
        List<Bezier> segments = new ArrayList<>();
        double[] p = new double[6];
        double sx = 0;
        double sy = 0;
        double x = 0;
        double y = 0;
        for (PathIterator it = outline.iterator(null, FillRule.NON_ZERO); !it.isDone(); it.next()) {
            switch (it.currentSegment(p)) {
                case PathIterator.SEG_MOVETO -> {
                    finish(contours, segments, false);
                    sx = x = p[0];
                    sy = y = p[1];
                }
                case PathIterator.SEG_LINETO -> {
                    add(segments, new Bezier(x, y, p[0], p[1]));
                    x = p[0];
                    y = p[1];
                }
                case PathIterator.SEG_QUADTO -> {
                    add(segments, new Bezier(x, y, p[0], p[1], p[2], p[3]));
                    x = p[2];
                    y = p[3];
                }
                case PathIterator.SEG_CUBICTO -> {
                    add(segments, new Bezier(x, y, p[0], p[1], p[2], p[3], p[4], p[5]));
                    x = p[4];
                    y = p[5];
                }
                default -> {
                    if (x != sx || y != sy) {
                        segments.add(new Bezier(x, y, sx, sy));
                    }
                    finish(contours, segments, true);
                    x = sx;
                    y = sy;
                }
            }
        }
        finish(contours, segments, false);
        return contours;
    }

    private static void add(List<Bezier> segments, Bezier segment) {
        if (!segment.isPoint()) {
            segments.add(segment);
        }
    }

    private static void finish(List<Contour> contours, List<Bezier> segments, boolean closed) {
        if (!segments.isEmpty()) {
            contours.add(new Contour(segments, closed));
            segments.clear();
        }
    }

    /** The same, closed by a line where it is open. */
    public Contour filled() {
        Bezier first = segments.getFirst();
        Bezier last = segments.getLast();
        if (closed) {
            return this;
        }
        List<Bezier> all = new ArrayList<>(segments);
        if (first.startX() != last.endX() || first.startY() != last.endY()) {
            all.add(Bezier.line(last.end(), first.start()));
        }
        return new Contour(all, true);
    }

    public Contour reversed() {
        return new Contour(segments.reversed().stream().map(Bezier::reversed).toList(), closed);
    }

    /** The signed area inside, exactly; as if it were closed by a line. On a page with y down it is above 0 for a contour
     *  that runs clockwise. */
    public double area() {
        double area = 0;
        for (Bezier b : segments) {
            area += b.area();
        }
        Bezier first = segments.getFirst();
        Bezier last = segments.getLast();
        return area + (last.endX() * first.startY() - first.startX() * last.endY()) / 2;
    }

    public Outline outline() {
        return outline(List.of(this));
    }

    /** Contours as one outline. */
    public static Outline outline(List<Contour> contours) {
        OutlineBuilder builder = new OutlineBuilder();
        for (Contour contour : contours) {
            Bezier first = contour.segments.getFirst();
            builder.moveTo(first.startX(), first.startY());
            int count = contour.segments.size();
            for (int i = 0; i < count; i++) {
                Bezier b = contour.segments.get(i);
                boolean back = contour.closed
                        && i == count - 1
                        && count > 1
                        && b.order() == 1
                        && b.endX() == first.startX()
                        && b.endY() == first.startY();
                if (!back) {
                    b.addTo(builder);
                }
            }
            if (contour.closed) {
                builder.close();
            }
        }
        return builder.build();
    }
}
