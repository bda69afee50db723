package rondel.formats.svg;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Stroke;

/** Paints and strokes as SVG attributes. */
final class SvgPaints {

    private final SvgDefinitions definitions;
    private final SvgElements elements;

    SvgPaints(SvgDefinitions definitions, SvgElements elements) {
        this.definitions = definitions;
        this.elements = elements;
    }

    void fill(XmlText xml, Paint paint) {
        paint(xml, "fill", paint);
    }

    /** @param decimals for lengths in the element's space */
    void stroke(XmlText xml, Optional<Stroke> stroke, int decimals) {
        if (stroke.isEmpty()) {
            return;
        }
        Stroke s = stroke.get();
        paint(xml, "stroke", s.paint());
        xml.attribute("stroke-width", NumberText.rounded(s.width(), decimals + 2));
        if (s.cap() != Stroke.Cap.BUTT) {
            xml.attribute("stroke-linecap", s.cap().name().toLowerCase(Locale.ROOT));
        }
        if (s.join() != Stroke.Join.MITER) {
            xml.attribute("stroke-linejoin", s.join().name().toLowerCase(Locale.ROOT));
        }
        if (s.miterLimit() != 4) {
            xml.attribute("stroke-miterlimit", NumberText.exact(s.miterLimit()));
        }
        if (!s.dashes().isEmpty()) {
            xml.attribute(
                    "stroke-dasharray",
                    s.dashes().stream()
                            .map(d -> NumberText.rounded(d, decimals + 2))
                            .collect(Collectors.joining(" ")));
            if (s.dashOffset() != 0) {
                xml.attribute("stroke-dashoffset", NumberText.rounded(s.dashOffset(), decimals + 2));
            }
        }
    }

    static void colour(XmlText xml, String property, Rgba colour) {
        xml.attribute(property, new Rgba(colour.red(), colour.green(), colour.blue(), 255).hex());
        if (!colour.opaque()) {
            String opacity = property.equals("stop-color") ? "stop-opacity" : property + "-opacity";
            xml.attribute(opacity, NumberText.rounded(colour.alpha() / 255.0, 4));
        }
    }

    static void transform(XmlText xml, String attribute, Affine a) {
        if (!a.equals(Affine.IDENTITY)) {
            xml.attribute(
                    attribute,
                    "matrix("
                            + List.of(a.a(), a.b(), a.c(), a.d(), a.e(), a.f()).stream()
                                    .map(NumberText::exact)
                                    .collect(Collectors.joining(" "))
                            + ")");
        }
    }

    private void paint(XmlText xml, String property, Paint paint) {
        switch (paint) {
            case Paint.None n -> xml.attribute(property, "none");
            case Paint.Solid s -> colour(xml, property, s.colour());
            case Paint.Linear g -> xml.attribute(property, url(definitions.id(g, "gradient", d -> linear(d, g))));
            case Paint.Radial g -> xml.attribute(property, url(definitions.id(g, "gradient", d -> radial(d, g))));
            case Paint.Tiles t -> xml.attribute(property, url(definitions.id(t, "pattern", d -> tiles(d, t))));
        }
    }

    private static String url(String id) {
        return "url(#" + id + ")";
    }

    private static void linear(SvgDefinitions.Definition d, Paint.Linear g) {
        XmlText xml = d.xml().open("linearGradient").attribute("id", d.id());
        xml.attribute("gradientUnits", "userSpaceOnUse")
                .attribute("x1", NumberText.exact(g.x1()))
                .attribute("y1", NumberText.exact(g.y1()))
                .attribute("x2", NumberText.exact(g.x2()))
                .attribute("y2", NumberText.exact(g.y2()));
        stops(xml, g.stops(), g.spread(), g.placement());
        xml.close("linearGradient");
    }

    private static void radial(SvgDefinitions.Definition d, Paint.Radial g) {
        XmlText xml = d.xml().open("radialGradient").attribute("id", d.id());
        xml.attribute("gradientUnits", "userSpaceOnUse")
                .attribute("cx", NumberText.exact(g.cx()))
                .attribute("cy", NumberText.exact(g.cy()))
                .attribute("r", NumberText.exact(g.r()));
        if (g.fx() != g.cx() || g.fy() != g.cy()) {
            xml.attribute("fx", NumberText.exact(g.fx())).attribute("fy", NumberText.exact(g.fy()));
        }
        stops(xml, g.stops(), g.spread(), g.placement());
        xml.close("radialGradient");
    }

    private static void stops(XmlText xml, List<Paint.Stop> stops, Paint.Spread spread, Affine placement) {
        if (spread != Paint.Spread.PAD) {
            xml.attribute("spreadMethod", spread.name().toLowerCase(Locale.ROOT));
        }
        transform(xml, "gradientTransform", placement);
        for (Paint.Stop stop : stops) {
            xml.open("stop").attribute("offset", NumberText.exact(stop.offset()));
            colour(xml, "stop-color", stop.colour());
            xml.close("stop");
        }
    }

    private void tiles(SvgDefinitions.Definition d, Paint.Tiles t) {
        Box tile = t.tile();
        XmlText xml = d.xml().open("pattern").attribute("id", d.id());
        xml.attribute("patternUnits", "userSpaceOnUse")
                .attribute("x", NumberText.exact(tile.x()))
                .attribute("y", NumberText.exact(tile.y()))
                .attribute("width", NumberText.exact(tile.width()))
                .attribute("height", NumberText.exact(tile.height()));
        transform(xml, "patternTransform", t.placement());
        Affine toTile = Affine.translate(-tile.x(), -tile.y());
        t.content().forEach(e -> elements.write(xml, e.with(traits -> traits.placedBy(toTile)), t.placement()));
        xml.close("pattern");
    }
}
