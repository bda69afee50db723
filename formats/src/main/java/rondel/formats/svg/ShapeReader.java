package rondel.formats.svg;

import java.util.Optional;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;

/** The outlines of SVG's shapes (SVG 2, 10), in user units. */
final class ShapeReader {

    private final SvgReading reading;

    ShapeReader(SvgReading reading) {
        this.reading = reading;
    }

    /** The outline, or nothing for an element that is no shape; an empty one where the shape draws nothing. */
    Optional<Outline> outline(SvgNode node, SvgViewport viewport) {
        try {
            return switch (node.tag) {
                case "path" -> Optional.of(path(node));
                case "rect" -> Optional.of(rect(node, viewport));
                case "circle" -> {
                    double r = reading.length(node, "r", viewport.diagonal(), 0);
                    yield Optional.of(ellipse(node, viewport, r, r));
                }
                case "ellipse" -> {
                    double rx = reading.length(node, "rx", viewport.width(), -1);
                    double ry = reading.length(node, "ry", viewport.height(), -1);
                    yield Optional.of(ellipse(node, viewport, rx < 0 ? ry : rx, ry < 0 ? rx : ry));
                }
                case "line" ->
                    Optional.of(new OutlineBuilder()
                            .moveTo(
                                    reading.length(node, "x1", viewport.width(), 0),
                                    reading.length(node, "y1", viewport.height(), 0))
                            .lineTo(
                                    reading.length(node, "x2", viewport.width(), 0),
                                    reading.length(node, "y2", viewport.height(), 0))
                            .build());
                case "polyline" -> Optional.of(points(node, false));
                case "polygon" -> Optional.of(points(node, true));
                default -> Optional.empty();
            };
        } catch (IllegalArgumentException e) {
            throw reading.notFinite(node);
        }
    }

    private Outline path(SvgNode node) {
        PathData.Result result = PathData.parse(node.attribute("d", ""));
        if (!result.whole()) {
            reading.findings.warn("svg.pathBroken", node.display());
        }
        return result.outline();
    }

    private Outline rect(SvgNode node, SvgViewport viewport) {
        double x = reading.length(node, "x", viewport.width(), 0);
        double y = reading.length(node, "y", viewport.height(), 0);
        double w = reading.length(node, "width", viewport.width(), 0);
        double h = reading.length(node, "height", viewport.height(), 0);
        if (!(w > 0 && h > 0)) {
            return Outline.EMPTY;
        }
        double rx = reading.length(node, "rx", viewport.width(), -1);
        double ry = reading.length(node, "ry", viewport.height(), -1);
        double roundX = Math.min(w / 2, rx < 0 ? Math.max(0, ry) : rx);
        double roundY = Math.min(h / 2, ry < 0 ? Math.max(0, rx) : ry);
        if (roundX == 0 || roundY == 0) {
            return Outline.rectangle(new Box(x, y, w, h));
        }
        return new OutlineBuilder()
                .moveTo(x + roundX, y)
                .lineTo(x + w - roundX, y)
                .arcTo(roundX, roundY, 0, false, true, x + w, y + roundY)
                .lineTo(x + w, y + h - roundY)
                .arcTo(roundX, roundY, 0, false, true, x + w - roundX, y + h)
                .lineTo(x + roundX, y + h)
                .arcTo(roundX, roundY, 0, false, true, x, y + h - roundY)
                .lineTo(x, y + roundY)
                .arcTo(roundX, roundY, 0, false, true, x + roundX, y)
                .close()
                .build();
    }

    private Outline ellipse(SvgNode node, SvgViewport viewport, double rx, double ry) {
        if (!(rx > 0 && ry > 0)) {
            return Outline.EMPTY;
        }
        double cx = reading.length(node, "cx", viewport.width(), 0);
        double cy = reading.length(node, "cy", viewport.height(), 0);
        return new OutlineBuilder()
                .moveTo(cx + rx, cy)
                .arcTo(rx, ry, 0, false, true, cx, cy + ry)
                .arcTo(rx, ry, 0, false, true, cx - rx, cy)
                .arcTo(rx, ry, 0, false, true, cx, cy - ry)
                .arcTo(rx, ry, 0, false, true, cx + rx, cy)
                .close()
                .build();
    }

    private Outline points(SvgNode node, boolean closed) {
        Numbers in = new Numbers(node.attribute("points", ""));
        OutlineBuilder out = new OutlineBuilder();
        boolean first = true;
        try {
            while (!in.atEnd()) {
                double x = in.next();
                double y = in.next();
                if (first) {
                    out.moveTo(x, y);
                } else {
                    out.lineTo(x, y);
                }
                first = false;
            }
        } catch (Numbers.NotFinite e) {
            throw e;
        } catch (NumberFormatException e) {
            if (NotANumber.startsWith(in.ahead())) {
                throw new Numbers.NotFinite(in.rest());
            }
            reading.findings.warn("svg.pathBroken", node.display());
        }
        if (closed && !first) {
            out.close();
        }
        return out.build();
    }
}
