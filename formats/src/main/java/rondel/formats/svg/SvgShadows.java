package rondel.formats.svg;

import java.util.Locale;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.paint.PaintedExtent;

/** Shadows as a group with a filter (SVG 1.1, 15), which also says in an attribute of its own what the shadow is, so that
 *  it comes back as one. */
final class SvgShadows {

    static final String ATTRIBUTE = "data-shadow";

    private SvgShadows() {}

    private record Filter(Shadow shadow, Box area, Affine toMm) {}

    /** Opens the group around an element.
     *
     * @param toMm from the element's parent to mm */
    static void open(XmlText xml, SvgDefinitions definitions, Element e, Affine toMm) {
        Shadow s = e.traits().shadow().orElseThrow();
        Optional<Affine> back = toMm.inverse();
        Optional<Box> ink = PaintedExtent.of(e, toMm).map(b -> b.grown(1));
        xml.open("g").attribute(ATTRIBUTE, text(s));
        if (back.isPresent() && ink.isPresent()) {
            Filter key = new Filter(s, ink.get().transformed(back.get()), toMm);
            String id = definitions.id(key, "shadow", d -> write(d, key, back.get()));
            xml.attribute("filter", "url(#" + id + ")");
        }
    }

    private static void write(SvgDefinitions.Definition d, Filter f, Affine back) {
        Point zero = back.apply(Point.ORIGIN);
        Point moved = back.apply(f.shadow.dx(), f.shadow.dy());
        double across = f.shadow.deviation() / Math.max(1e-9, Math.hypot(f.toMm.a(), f.toMm.b()));
        double down = f.shadow.deviation() / Math.max(1e-9, Math.hypot(f.toMm.c(), f.toMm.d()));
        XmlText xml = d.xml();
        xml.open("filter")
                .attribute("id", d.id())
                .attribute("filterUnits", "userSpaceOnUse")
                .attribute("color-interpolation-filters", "sRGB")
                .attribute("x", NumberText.exact(f.area.x()))
                .attribute("y", NumberText.exact(f.area.y()))
                .attribute("width", NumberText.exact(f.area.width()))
                .attribute("height", NumberText.exact(f.area.height()));
        xml.open("feGaussianBlur")
                .attribute("in", "SourceAlpha")
                .attribute("stdDeviation", NumberText.exact(across) + " " + NumberText.exact(down))
                .close("feGaussianBlur");
        xml.open("feOffset")
                .attribute("dx", NumberText.exact(moved.x() - zero.x()))
                .attribute("dy", NumberText.exact(moved.y() - zero.y()))
                .attribute("result", "thrown")
                .close("feOffset");
        Rgba c = f.shadow.colour();
        xml.open("feFlood")
                .attribute("flood-color", String.format(Locale.ROOT, "#%02x%02x%02x", c.red(), c.green(), c.blue()))
                .attribute("flood-opacity", NumberText.exact(c.alpha() / 255.0))
                .close("feFlood");
        xml.open("feComposite")
                .attribute("operator", "in")
                .attribute("in2", "thrown")
                .close("feComposite");
        xml.open("feMerge");
        xml.open("feMergeNode").close("feMergeNode");
        xml.open("feMergeNode").attribute("in", "SourceGraphic").close("feMergeNode");
        xml.close("feMerge").close("filter");
    }

    private static String text(Shadow s) {
        Rgba c = s.colour();
        return String.format(
                Locale.ROOT,
                "%s %s %s #%02x%02x%02x%02x",
                NumberText.exact(s.distance()),
                NumberText.exact(s.angle()),
                NumberText.exact(s.softness()),
                c.red(),
                c.green(),
                c.blue(),
                c.alpha());
    }

    /** The shadow that an attribute tells of; nothing where it tells of none. */
    static Optional<Shadow> read(String text) {
        String[] parts = text.strip().split("\\s+");
        if (parts.length != 4 || !parts[3].matches("#[0-9a-fA-F]{8}")) {
            return Optional.empty();
        }
        try {
            long colour = Long.parseLong(parts[3].substring(1), 16);
            return Optional.of(new Shadow(
                    Double.parseDouble(parts[0]),
                    Double.parseDouble(parts[1]),
                    Double.parseDouble(parts[2]),
                    new Rgba((int) (colour >> 24 & 255), (int) (colour >> 16 & 255), (int) (colour >> 8 & 255), (int)
                            (colour & 255))));
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }
}
