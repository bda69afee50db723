package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Stroke;

/** Fill and stroke properties to paints (SVG 2, 13 and 14). */
final class PaintReader {

    private final SvgReading reading;
    private final ElementReader elements;

    PaintReader(SvgReading reading, ElementReader elements) {
        this.reading = reading;
        this.elements = elements;
    }

    /** @param bounds of what is painted, for gradients that refer to it */
    Paint fill(Style style, Optional<Box> bounds, SvgViewport viewport) {
        return paint(style.get("fill", "black"), style, opacity(style, "fill-opacity"), bounds, viewport);
    }

    Optional<Stroke> stroke(SvgNode node, Style style, Optional<Box> bounds, SvgViewport viewport) {
        String value = style.get("stroke", "none");
        if (value.equals("none")) {
            return Optional.empty();
        }
        Paint paint = paint(value, style, opacity(style, "stroke-opacity"), bounds, viewport);
        double width = length(node, style, "stroke-width", viewport, 1);
        if (!(width > 0) || paint instanceof Paint.None) {
            return Optional.empty();
        }
        Stroke.Cap cap =
                switch (style.get("stroke-linecap", "butt")) {
                    case "round" -> Stroke.Cap.ROUND;
                    case "square" -> Stroke.Cap.SQUARE;
                    default -> Stroke.Cap.BUTT;
                };
        Stroke.Join join =
                switch (style.get("stroke-linejoin", "miter")) {
                    case "round" -> Stroke.Join.ROUND;
                    case "bevel" -> Stroke.Join.BEVEL;
                    default -> Stroke.Join.MITER;
                };
        double miter = Math.max(1, length(node, style, "stroke-miterlimit", viewport, 4));
        double offset = length(node, style, "stroke-dashoffset", viewport, 0);
        return Optional.of(new Stroke(paint, width, cap, join, miter, dashes(node, style, viewport), offset));
    }

    private List<Double> dashes(SvgNode node, Style style, SvgViewport viewport) {
        String text = style.get("stroke-dasharray", "none");
        if (text.equals("none")) {
            return List.of();
        }
        List<Double> lengths = new ArrayList<>();
        for (String part : text.strip().split("[\\s,]+")) {
            Optional<Double> length = px(node, part, viewport, style);
            if (length.isEmpty() || length.get() < 0) {
                return List.of();
            }
            lengths.add(length.get());
        }
        return lengths.stream().anyMatch(d -> d > 0) ? lengths : List.of();
    }

    private double length(SvgNode node, Style style, String property, SvgViewport viewport, double otherwise) {
        return style.get(property).flatMap(v -> px(node, v, viewport, style)).orElse(otherwise);
    }

    private Optional<Double> px(SvgNode node, String text, SvgViewport viewport, Style style) {
        try {
            return SvgLength.px(text, viewport.diagonal(), style.fontSize());
        } catch (Numbers.NotFinite e) {
            throw reading.notFinite(node);
        }
    }

    static double opacity(Style style, String property) {
        return style.get(property).map(PaintReader::fraction).orElse(1.0);
    }

    static double fraction(String text) {
        try {
            String t = text.strip();
            double v =
                    t.endsWith("%") ? Double.parseDouble(t.substring(0, t.length() - 1)) / 100 : Double.parseDouble(t);
            return Double.isNaN(v) ? 1 : Math.min(1, Math.max(0, v));
        } catch (NumberFormatException e) {
            return 1;
        }
    }

    private Paint paint(String value, Style style, double opacity, Optional<Box> bounds, SvgViewport viewport) {
        if (value.equals("none")) {
            return Paint.NONE;
        }
        Rgba current = SvgColour.parse(style.get("color", "black"), Rgba.BLACK).orElse(Rgba.BLACK);
        if (value.startsWith("url(")) {
            Optional<Paint> server = reading.target(value).flatMap(n -> server(n, opacity, bounds, viewport));
            String fallback = UrlReference.fallback(value);
            return server.orElseGet(
                    () -> fallback.isEmpty() ? Paint.NONE : paint(fallback, style, opacity, bounds, viewport));
        }
        if (value.equals("context-fill") || value.equals("context-stroke")) {
            return Paint.solid(current.withOpacity(opacity));
        }
        Optional<Rgba> colour = SvgColour.parse(value, current);
        if (colour.isEmpty()) {
            reading.findings.note("svg.badColour", value);
        }
        return colour.map(c -> Paint.solid(c.withOpacity(opacity))).orElse(Paint.NONE);
    }

    private Optional<Paint> server(SvgNode node, double opacity, Optional<Box> bounds, SvgViewport viewport) {
        return switch (node.tag) {
            case "linearGradient", "radialGradient" -> gradient(node, opacity, bounds, viewport);
            case "pattern" -> pattern(node, opacity, bounds, viewport);
            case "solidColor" ->
                SvgColour.parse(reading.style(node).get("solid-color", "black"), Rgba.BLACK)
                        .map(c -> Paint.solid(c.withOpacity(opacity)));
            default -> Optional.empty();
        };
    }

    private Optional<Paint> gradient(SvgNode node, double opacity, Optional<Box> bounds, SvgViewport viewport) {
        Inherited attributes = new Inherited(reading, node);
        List<Paint.Stop> stops = stops(attributes, opacity);
        if (stops.isEmpty()) {
            return Optional.of(Paint.NONE);
        }
        if (stops.size() == 1) {
            return Optional.of(Paint.solid(stops.getFirst().colour()));
        }
        boolean ofBox = !attributes.get("gradientUnits", "objectBoundingBox").equals("userSpaceOnUse");
        Affine placement = attributes.transform("gradientTransform");
        SvgViewport unit = ofBox ? new SvgViewport(1, 1) : viewport;
        if (ofBox) {
            Optional<Box> box = bounds.filter(b -> b.width() > 0 && b.height() > 0);
            if (box.isEmpty()) {
                return Optional.empty();
            }
            placement = onto(box.get()).times(placement);
        }
        Paint.Spread spread =
                switch (attributes.get("spreadMethod", "pad")) {
                    case "reflect" -> Paint.Spread.REFLECT;
                    case "repeat" -> Paint.Spread.REPEAT;
                    default -> Paint.Spread.PAD;
                };
        if (node.is("linearGradient")) {
            return Optional.of(new Paint.Linear(
                    attributes.length("x1", unit.width(), 0),
                    attributes.length("y1", unit.height(), 0),
                    attributes.length("x2", unit.width(), unit.width()),
                    attributes.length("y2", unit.height(), 0),
                    stops,
                    spread,
                    placement));
        }
        double cx = attributes.length("cx", unit.width(), unit.width() / 2);
        double cy = attributes.length("cy", unit.height(), unit.height() / 2);
        return Optional.of(new Paint.Radial(
                cx,
                cy,
                attributes.length("r", unit.diagonal(), unit.diagonal() / 2),
                attributes.length("fx", unit.width(), cx),
                attributes.length("fy", unit.height(), cy),
                stops,
                spread,
                placement));
    }

    private List<Paint.Stop> stops(Inherited attributes, double opacity) {
        List<Paint.Stop> stops = new ArrayList<>();
        double before = 0;
        for (SvgNode stop : attributes.childrenNamed("stop")) {
            Style style = reading.style(stop);
            Rgba current =
                    SvgColour.parse(style.get("color", "black"), Rgba.BLACK).orElse(Rgba.BLACK);
            Rgba colour =
                    SvgColour.parse(style.get("stop-color", "black"), current).orElse(Rgba.BLACK);
            before = Math.max(before, offset(stop.attribute("offset", "0")));
            stops.add(new Paint.Stop(before, colour.withOpacity(opacity(style, "stop-opacity") * opacity)));
        }
        return stops;
    }

    private static double offset(String text) {
        try {
            String t = text.strip();
            double v =
                    t.endsWith("%") ? Double.parseDouble(t.substring(0, t.length() - 1)) / 100 : Double.parseDouble(t);
            return Double.isFinite(v) ? Math.min(1, Math.max(0, v)) : 0;
        } catch (NumberFormatException e) {
            return 0;
        }
    }

    private Optional<Paint> pattern(SvgNode node, double opacity, Optional<Box> bounds, SvgViewport viewport) {
        Inherited attributes = new Inherited(reading, node);
        boolean ofBox = !attributes.get("patternUnits", "objectBoundingBox").equals("userSpaceOnUse");
        boolean contentOfBox =
                attributes.get("patternContentUnits", "userSpaceOnUse").equals("objectBoundingBox");
        Box box = bounds.orElse(new Box(0, 0, 0, 0));
        SvgViewport unit = ofBox ? new SvgViewport(1, 1) : viewport;
        Box tile = new Box(
                attributes.length("x", unit.width(), 0),
                attributes.length("y", unit.height(), 0),
                Math.max(0, attributes.length("width", unit.width(), 0)),
                Math.max(0, attributes.length("height", unit.height(), 0)));
        if (ofBox) {
            tile = tile.transformed(onto(box));
        }
        if (!(tile.width() > 0 && tile.height() > 0) || !reading.enter(node)) {
            return Optional.of(Paint.NONE);
        }
        Affine content = Affine.translate(tile.x(), tile.y());
        Optional<Box> viewBox = attributes.viewBox();
        if (viewBox.isPresent()) {
            content = SvgViewport.fit(viewBox.get(), tile, attributes.get("preserveAspectRatio", "xMidYMid"));
        } else if (contentOfBox) {
            content = content.times(Affine.scale(box.width(), box.height()));
        }
        try {
            SvgNode holder = attributes.holder();
            Affine place = content;
            List<Element> made = elements.children(holder, viewport).stream()
                    .map(e -> e.with(t -> t.placedBy(place).withOpacity(t.opacity() * opacity)))
                    .toList();
            return Optional.of(new Paint.Tiles(tile, made, attributes.transform("patternTransform")));
        } finally {
            reading.leave();
        }
    }

    static Affine onto(Box box) {
        return new Affine(box.width(), 0, 0, box.height(), box.x(), box.y());
    }
}
