package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolylineShape;
import rondel.words.Refusal;

/** The plain shapes that SVG's own elements are, and those that we wrote as paths. */
final class PlainShapeReader {

    /** How far a path that we wrote may be off its figures, in user units: digits that were not written. */
    private static final double WRITTEN = 1e-3;

    private final SvgReading reading;

    PlainShapeReader(SvgReading reading) {
        this.reading = reading;
    }

    /** A plain shape and where its frame lies. */
    record Placed(PlainShape shape, double x, double y) {}

    /** What a node is by figures; nothing where only its outline tells.
     *
     * @param outline the outline that was read of it, not empty */
    Optional<Placed> read(SvgNode node, SvgViewport viewport, Outline outline) {
        try {
            return switch (node.tag) {
                case "rect" -> rect(node, viewport);
                case "circle" -> {
                    double r = reading.length(node, "r", viewport.diagonal(), 0);
                    yield Optional.of(oval(node, viewport, r, r));
                }
                case "ellipse" -> {
                    double rx = reading.length(node, "rx", viewport.width(), -1);
                    double ry = reading.length(node, "ry", viewport.height(), -1);
                    yield Optional.of(oval(node, viewport, rx < 0 ? ry : rx, ry < 0 ? rx : ry));
                }
                case "line" ->
                    Contour.of(outline).stream().findFirst().map(c -> {
                        Bezier b = c.segments().getFirst();
                        return new Placed(new LineShape(b.startX(), b.startY(), b.endX(), b.endY()), 0, 0);
                    });
                case "polyline", "polygon" -> points(node, outline);
                default ->
                    node.attribute(ShapeAttribute.NAME)
                            .flatMap(ShapeAttribute::read)
                            .filter(s -> s.outline().isNear(outline, WRITTEN))
                            .map(s -> new Placed(s, 0, 0));
            };
        } catch (Refusal tooLarge) {
            return Optional.empty();
        }
    }

    private Placed oval(SvgNode node, SvgViewport viewport, double rx, double ry) {
        double cx = reading.length(node, "cx", viewport.width(), 0);
        double cy = reading.length(node, "cy", viewport.height(), 0);
        return new Placed(OvalShape.of(2 * rx, 2 * ry), cx - rx, cy - ry);
    }

    private Optional<Placed> rect(SvgNode node, SvgViewport viewport) {
        double w = reading.length(node, "width", viewport.width(), 0);
        double h = reading.length(node, "height", viewport.height(), 0);
        double rx = reading.length(node, "rx", viewport.width(), -1);
        double ry = reading.length(node, "ry", viewport.height(), -1);
        double across = Math.min(w / 2, Math.max(0, rx < 0 ? ry : rx));
        double down = Math.min(h / 2, Math.max(0, ry < 0 ? rx : ry));
        if (across != down && across > 0 && down > 0) {
            return Optional.empty();
        }
        double radius = Math.min(across, down);
        return Optional.of(new Placed(
                new BoxShape(w, h, Corners.all(Corners.Style.ROUND, radius), Edge.USUAL),
                reading.length(node, "x", viewport.width(), 0),
                reading.length(node, "y", viewport.height(), 0)));
    }

    private static Optional<Placed> points(SvgNode node, Outline outline) {
        List<Contour> contours = Contour.of(outline);
        if (contours.size() != 1) {
            return Optional.empty();
        }
        Contour c = contours.getFirst();
        List<Point> points = new ArrayList<>();
        c.segments().forEach(b -> points.add(b.start()));
        if (!c.closed()) {
            points.add(c.segments().getLast().end());
        }
        PolylineShape made = new PolylineShape(points, node.is("polygon"));
        return made.outline().equals(outline) ? Optional.of(new Placed(made, 0, 0)) : Optional.empty();
    }
}
