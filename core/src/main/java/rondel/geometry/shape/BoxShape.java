package rondel.geometry.shape;

import java.util.ArrayList;
import java.util.List;
import rondel.fields.Mm;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** A box. With an edge that bulges outwards, what bulges reaches to its size, and its corners are those of the line inside. */
public record BoxShape(@Mm double width, @Mm double height, Corners corners, Edge edge) implements PlainShape {

    public BoxShape {
        ShapeLimits.size(width, height);
    }

    public static BoxShape of(double width, double height) {
        return new BoxShape(width, height, Corners.USUAL, Edge.USUAL);
    }

    /** Whether SVG's rect draws it: one radius all round, and no edge. */
    public boolean isRect() {
        return edge.plain() && corners.alike() && (corners.sharp() || corners.style() == Corners.Style.ROUND);
    }

    /** The radius that is drawn at a corner where all are alike. */
    public double radius() {
        return corners.within(width, height).topLeft();
    }

    @Override
    public Outline outline() {
        double inset = Math.min(edge.outwards(), Math.min(width, height) / 3);
        double right = width - inset;
        double bottom = height - inset;
        // Each side keeps room for one scallop or tooth, or nothing would reach out to the frame between two round
        // corners.
        double room = edge.outwards() > 0 ? Math.min(edge.pitch(), Math.min(width, height) / 3) : 0;
        Corners c = corners.within(Math.max(0, right - inset - room), Math.max(0, bottom - inset - room));
        OutlineBuilder out = new OutlineBuilder().moveTo(inset + c.topLeft(), inset);
        EdgeLine line = new EdgeLine(
                out,
                edge.plain()
                        ? edge
                        : edge.withDepth(
                                edge.outwards() > 0 ? inset : Math.min(edge.depth(), Math.min(width, height) / 3)));
        side(line, inset + c.topLeft(), inset, right - c.topRight(), inset);
        corner(out, line, c.topRight(), right, inset, right, inset + c.topRight());
        side(line, right, inset + c.topRight(), right, bottom - c.bottomRight());
        corner(out, line, c.bottomRight(), right, bottom, right - c.bottomRight(), bottom);
        side(line, right - c.bottomRight(), bottom, inset + c.bottomLeft(), bottom);
        corner(out, line, c.bottomLeft(), inset, bottom, inset, bottom - c.bottomLeft());
        if (c.topLeft() > 0 || !edge.plain()) {
            side(line, inset, bottom - c.bottomLeft(), inset, inset + c.topLeft());
        }
        corner(out, line, c.topLeft(), inset, inset, inset + c.topLeft(), inset);
        return out.close().build();
    }

    /** Corners smaller than this, in mm, are none. */
    private static final double FLAT = 1e-9;

    private static void side(EdgeLine line, double x1, double y1, double x2, double y2) {
        if (x1 != x2 || y1 != y2) {
            line.side(new PathLength(List.of(Bezier.line(new Point(x1, y1), new Point(x2, y2)))));
        }
    }

    /** A corner about a place, from where the outline has come to. */
    private void corner(
            OutlineBuilder out, EdgeLine line, double radius, double cx, double cy, double toX, double toY) {
        if (radius < FLAT) {
            return;
        }
        OutlineBuilder piece = new OutlineBuilder().moveTo(out.x(), out.y());
        switch (corners.style()) {
            case ROUND -> piece.arcTo(radius, radius, 0, false, true, toX, toY);
            case HOLLOWED -> piece.arcTo(radius, radius, 0, false, false, toX, toY);
            case CUT -> piece.lineTo(toX, toY);
        }
        List<Bezier> curves = new ArrayList<>();
        Contour.of(piece.build()).forEach(c -> curves.addAll(c.segments()));
        PathLength path = new PathLength(curves);
        if (edge.outwards() > 0 && !(corners.style() == Corners.Style.HOLLOWED)) {
            line.side(path);
        } else {
            path.addTo(out, 0, path.length());
        }
    }

    @Override
    public BoxShape sized(double sx, double sy, double lengths) {
        return new BoxShape(width * sx, height * sy, corners.times(lengths), edge.times(lengths));
    }
}
