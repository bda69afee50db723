package rondel.formats.svg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import rondel.formats.page.Page;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.geometry.shape.PlainShape;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.paint.PictureSource;
import rondel.paint.PositionedStroke;
import rondel.progress.Cancellation;

/** Elements as SVG. */
final class SvgElements {

    private final Map<MediaId, Media> media;
    private final PictureSource pictures;
    private final SvgDefinitions definitions;
    private final SvgPaints paints;
    private final boolean shared;
    private final boolean liveText;
    private final Set<String> ids = new HashSet<>(Set.of("paper"));
    private final Map<String, Integer> numbered = new HashMap<>();

    /** @param shared whether copies of a design are drawn once, and used
     *  @param liveText whether text that SVG can set is text, and not its outlines */
    SvgElements(
            Map<MediaId, Media> media,
            PictureSource pictures,
            SvgDefinitions definitions,
            boolean shared,
            boolean liveText) {
        this.shared = shared;
        this.liveText = liveText;
        this.media = media;
        this.pictures = pictures;
        this.definitions = definitions;
        this.paints = new SvgPaints(definitions, this);
    }

    /** @param toMm from the space around the element to mm, for how many digits to write and how large a shadow is */
    void write(XmlText xml, Element e, Affine toMm) {
        Cancellation.check();
        if (!Page.made(e)) {
            return;
        }
        if (e.traits().shadow().isPresent()) {
            SvgShadows.open(xml, definitions, e, toMm);
            write(xml, e.with(t -> t.withShadow(Optional.empty())), toMm);
            xml.close("g");
            return;
        }
        Optional<Stroke.Position> border = PositionedStroke.of(e);
        if (border.isPresent()) {
            group(xml, (GroupElement) PositionedStroke.spelled(e), toMm.times(e.placement()), border);
            return;
        }
        Affine own = toMm.times(e.placement());
        switch (e) {
            case ShapeElement s -> drawn(xml, s, s.outline(), s.rule(), s.fill(), s.stroke(), Optional.empty(), own);
            case TextElement t when liveText && LiveText.sets(t.lettering()) -> live(xml, t, own);
            case TextElement t ->
                drawn(xml, t, t.outline(), FillRule.NON_ZERO, t.fill(), t.stroke(), Optional.of(t.content()), own);
            case PictureElement p -> picture(xml, p);
            case GroupElement g -> group(xml, g, own, Optional.empty());
            case CopyElement c -> copy(xml, c, own);
        }
    }

    private void group(XmlText xml, GroupElement g, Affine own, Optional<Stroke.Position> border) {
        Optional<String> clip = g.clip()
                .map(c -> definitions.id(c, "clip", d -> {
                    d.xml().open("clipPath").attribute("id", d.id()).open("path");
                    d.xml().attribute("d", PathText.of(c.outline(), NumberText.decimals(scale(own))));
                    if (c.rule() == FillRule.EVEN_ODD) {
                        d.xml().attribute("clip-rule", "evenodd");
                    }
                    d.xml().close("path").close("clipPath");
                }));
        Optional<String> mask = g.mask().map(m -> definitions.id(m, "mask", d -> mask(d, m, own)));
        String title = begin(xml, "g", g);
        border.ifPresent(b -> xml.attribute(SvgBorders.ATTRIBUTE, SvgBorders.word(b)));
        clip.ifPresent(id -> xml.attribute("clip-path", "url(#" + id + ")"));
        mask.ifPresent(id -> xml.attribute("mask", "url(#" + id + ")"));
        title(xml, title);
        g.children().forEach(c -> write(xml, c, own));
        xml.close("g");
    }

    private void copy(XmlText xml, CopyElement c, Affine own) {
        if (!shared || c.content().hasShadow()) {
            group(xml, c.asGroup(), own, Optional.empty());
            return;
        }
        String id = definitions.id(c.content(), "design", d -> {
            d.xml().open("g").attribute("id", d.id());
            group(d.xml(), c.content().group(), own, Optional.empty());
            d.xml().close("g");
        });
        String title = begin(xml, "use", c);
        xml.attribute("xlink:href", "#" + id);
        title(xml, title);
        xml.close("use");
    }

    private static double scale(Affine own) {
        return Math.max(Math.hypot(own.a(), own.b()), Math.hypot(own.c(), own.d()));
    }

    private void mask(SvgDefinitions.Definition d, Mask m, Affine own) {
        XmlText xml = d.xml().open("mask").attribute("id", d.id());
        xml.attribute("maskUnits", "userSpaceOnUse")
                .attribute("x", NumberText.exact(m.area().x()))
                .attribute("y", NumberText.exact(m.area().y()))
                .attribute("width", NumberText.exact(m.area().width()))
                .attribute("height", NumberText.exact(m.area().height()));
        if (m.kind() == Mask.Kind.ALPHA) {
            xml.attribute("style", "mask-type:alpha");
        }
        m.content().forEach(c -> write(xml, c, own));
        xml.close("mask");
    }

    private void drawn(
            XmlText xml,
            Element e,
            Outline outline,
            FillRule rule,
            Paint fill,
            Optional<Stroke> stroke,
            Optional<String> words,
            Affine own) {
        int decimals = NumberText.decimals(scale(own));
        Optional<PlainShape> plain = e instanceof ShapeElement s ? s.plain() : Optional.empty();
        String tag = plain.map(PlainShapeWriter::tag).orElse("path");
        Optional<Point> moved = List.of("rect", "circle", "ellipse").contains(tag) && solid(fill, stroke)
                ? moved(e.placement())
                : Optional.empty();
        String title = begin(xml, tag, moved.isPresent() ? e.with(t -> t.withPlacement(Affine.IDENTITY)) : e);
        words.ifPresent(w -> xml.attribute("aria-label", w));
        plain.ifPresent(p -> PlainShapeWriter.geometry(xml, p, moved.orElse(Point.ORIGIN)));
        if (tag.equals("path")) {
            xml.attribute("d", PathText.of(outline, decimals));
        }
        paints.fill(xml, fill);
        if (rule == FillRule.EVEN_ODD) {
            xml.attribute("fill-rule", "evenodd");
        }
        paints.stroke(xml, stroke, decimals);
        title(xml, title);
        xml.close(tag);
    }

    private void live(XmlText xml, TextElement t, Affine own) {
        String title = begin(xml, "text", t);
        LiveText.attributes(xml, t.lettering());
        paints.fill(xml, t.fill());
        paints.stroke(xml, t.stroke(), NumberText.decimals(scale(own)));
        title(xml, title);
        LiveText.lines(xml, t.lettering());
        xml.close("text");
    }

    /** Where a placement moves the origin to, if it does nothing else. */
    private static Optional<Point> moved(Affine placement) {
        return placement.isTranslation() ? Optional.of(new Point(placement.e(), placement.f())) : Optional.empty();
    }

    private static boolean solid(Paint fill, Optional<Stroke> stroke) {
        return isSolid(fill) && stroke.map(s -> isSolid(s.paint())).orElse(true);
    }

    private static boolean isSolid(Paint paint) {
        return paint instanceof Paint.Solid || paint instanceof Paint.None;
    }

    private void picture(XmlText xml, PictureElement p) {
        Media source = media.get(p.media());
        if (source == null) {
            return;
        }
        String title = begin(xml, "image", p);
        xml.attribute("x", NumberText.exact(p.frame().x()))
                .attribute("y", NumberText.exact(p.frame().y()))
                .attribute("width", NumberText.exact(p.frame().width()))
                .attribute("height", NumberText.exact(p.frame().height()))
                .attribute("preserveAspectRatio", "none")
                .attribute("xlink:href", embedded(source));
        title(xml, title);
        xml.close("image");
    }

    /** The file as it came; one that a camera turned is written upright, since not every program turns it back. */
    private String embedded(Media source) {
        String type = source.extension().equals("jpg") ? "image/jpeg" : "image/png";
        byte[] bytes = source.bytes().content();
        if (source.orientation() > 1) {
            type = "image/png";
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            try {
                ImageIO.write(pictures.pixels(source, 1), "png", png);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            bytes = png.toByteArray();
        }
        return "data:" + type + ";base64," + Base64.getEncoder().encodeToString(bytes);
    }

    /** Opens the tag with what all elements have; gives back the title that the name needs, or an empty text. */
    private String begin(XmlText xml, String tag, Element e) {
        xml.open(tag);
        String title = "";
        if (!e.name().isBlank()) {
            String id = uniqueId(e.name());
            xml.attribute("id", id);
            title = id.equals(e.name()) && !Names.automatic(id) ? "" : e.name();
        }
        if (e.role() != Role.PRINT) {
            xml.attribute("data-role", RoleWords.word(e.role()));
        }
        Affine placement = e.placement();
        SvgPaints.transform(xml, "transform", placement);
        if (e.opacity() < 1) {
            xml.attribute("opacity", NumberText.exact(e.opacity()));
        }
        return title;
    }

    private static void title(XmlText xml, String title) {
        if (!title.isEmpty()) {
            xml.open("title").text(title).close("title");
        }
    }

    private String uniqueId(String name) {
        String plain = name.strip().replaceAll("[^\\p{L}\\p{Nd}_.-]+", "-");
        boolean taken = plain.matches("(gradient|pattern|clip|mask|design)-\\d+");
        String start = plain.isEmpty() || taken || !Character.isLetter(plain.charAt(0)) ? "_" + plain : plain;
        String id = start;
        while (!ids.add(id)) {
            id = start + "-" + numbered.merge(start, 2, (before, first) -> before + 1);
        }
        return id;
    }
}
