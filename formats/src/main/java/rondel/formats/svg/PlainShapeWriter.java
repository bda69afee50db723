package rondel.formats.svg;

import java.util.List;
import java.util.stream.Collectors;
import rondel.geometry.Point;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolylineShape;

/** Plain shapes as SVG's own elements (SVG 2, 10), where there is one. */
final class PlainShapeWriter {

    /** As many as a sheet of five metres has digits for, but the last two, which sums of figures round differently. */
    private static final int DECIMALS = 10;

    private PlainShapeWriter() {}

    /** The element for a shape; a path where there is none of its own. */
    static String tag(PlainShape shape) {
        return switch (shape) {
            case BoxShape b when b.isRect() -> "rect";
            case OvalShape o when o.edge().plain() -> o.width() == o.height() ? "circle" : "ellipse";
            case LineShape l -> "line";
            case PolylineShape p -> p.closed() ? "polygon" : "polyline";
            default -> "path";
        };
    }

    /** Writes what says where the shape runs; for a path, its figures. */
    static void geometry(XmlText xml, PlainShape shape, Point at) {
        switch (shape) {
            case BoxShape b
            when b.isRect() -> {
                number(xml, "x", at.x());
                number(xml, "y", at.y());
                number(xml, "width", b.width());
                number(xml, "height", b.height());
                if (!b.corners().sharp()) {
                    number(xml, "rx", b.radius());
                }
            }
            case OvalShape o
            when o.edge().plain() -> {
                number(xml, "cx", at.x() + o.width() / 2);
                number(xml, "cy", at.y() + o.height() / 2);
                if (o.width() == o.height()) {
                    number(xml, "r", o.width() / 2);
                } else {
                    number(xml, "rx", o.width() / 2);
                    number(xml, "ry", o.height() / 2);
                }
            }
            case LineShape l -> {
                number(xml, "x1", l.x1());
                number(xml, "y1", l.y1());
                number(xml, "x2", l.x2());
                number(xml, "y2", l.y2());
            }
            case PolylineShape p -> xml.attribute("points", points(p.points()));
            default -> xml.attribute(ShapeAttribute.NAME, ShapeAttribute.text(shape));
        }
    }

    private static String points(List<Point> points) {
        return points.stream()
                .map(p -> NumberText.exact(p.x()) + "," + NumberText.exact(p.y()))
                .collect(Collectors.joining(" "));
    }

    private static void number(XmlText xml, String name, double value) {
        xml.attribute(name, NumberText.rounded(value, DECIMALS));
    }
}
