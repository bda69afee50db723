package rondel.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.Shadow;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.progress.Cancellation;

/** SVG's graphics and containers to elements, in user units. */
final class ElementReader {

    private final SvgReading reading;
    private final ShapeReader shapes;
    private final PlainShapeReader plainShapes;
    private final PaintReader paints;
    private final VeilReader veils;
    private final TextReader texts;
    private final ImageReader images;

    ElementReader(SvgReading reading) {
        this.reading = reading;
        this.shapes = new ShapeReader(reading);
        this.plainShapes = new PlainShapeReader(reading);
        this.paints = new PaintReader(reading, this);
        this.veils = new VeilReader(reading, this, shapes);
        this.texts = new TextReader(reading, paints);
        this.images = new ImageReader(reading);
    }

    List<Element> children(SvgNode node, SvgViewport viewport) {
        List<Element> made = new ArrayList<>();
        for (SvgNode child : node.children) {
            Cancellation.check();
            element(child, viewport).ifPresent(made::add);
        }
        return made;
    }

    /** The element, placed by its transform; nothing for what draws nothing. */
    Optional<Element> element(SvgNode node, SvgViewport viewport) {
        reading.count();
        Optional<Shadow> shadow =
                node.is("g") ? node.attribute(SvgShadows.ATTRIBUTE).flatMap(SvgShadows::read) : Optional.empty();
        if (shadow.isPresent()) {
            return shaded(node, viewport, shadow);
        }
        Style style = reading.style(node);
        Optional<Element> made =
                switch (node.tag) {
                    case "g", "a" -> group(node, viewport, Affine.IDENTITY);
                    case "switch" ->
                        chosen(node).flatMap(n -> element(n, viewport)).map(e -> asGroup(e, node));
                    case "svg" -> nested(node, viewport);
                    case "use" -> use(node, viewport);
                    case "text" -> texts.read(node, viewport);
                    case "image" -> images.read(node, viewport);
                    case "foreignObject", "flowRoot" -> {
                        reading.findings.warn("svg.notCarried", "<" + node.tag + ">");
                        yield Optional.empty();
                    }
                    default -> shape(node, style, viewport);
                };
        return made.map(e -> finished(e, node, style, viewport));
    }

    /** The one element that a shadow's group holds, with that shadow. */
    private Optional<Element> shaded(SvgNode node, SvgViewport viewport, Optional<Shadow> shadow) {
        List<Element> inside = children(node, viewport);
        return switch (inside.size()) {
            case 0 -> Optional.empty();
            case 1 -> Optional.of(inside.getFirst().with(t -> t.withShadow(shadow)));
            default -> Optional.of(GroupElement.of(Traits.named(Names.of(node)).withShadow(shadow), inside));
        };
    }

    private Element finished(Element made, SvgNode node, Style style, SvgViewport viewport) {
        double opacity = PaintReader.opacity(style, "opacity");
        boolean hidden = style.get("display", "").equals("none");
        Element element = made.with(t -> t.withName(Names.of(node))
                .withOpacity(t.opacity() * opacity)
                .withHidden(t.hidden() || hidden)
                .withRole(role(node)));
        style.get("filter")
                .filter(f -> !f.equals("none"))
                .ifPresent(f -> reading.findings.warn("svg.notCarried", "filter"));
        style.get("mix-blend-mode")
                .filter(m -> !m.equals("normal"))
                .ifPresent(m -> reading.findings.warn("svg.notCarried", "mix-blend-mode"));
        Element veiled = veils.veil(element, node, style, viewport);
        Affine transform = transform(node);
        return veiled.with(t -> t.placedBy(transform));
    }

    private static Role role(SvgNode node) {
        return node.attribute("data-role").flatMap(RoleWords::role).orElse(Role.PRINT);
    }

    private Affine transform(SvgNode node) {
        String text = node.attribute("transform", "");
        if (text.isBlank() || node.is("svg")) {
            return Affine.IDENTITY;
        }
        try {
            Optional<Affine> affine = TransformData.parse(text).filter(Affine::isFinite);
            if (affine.isEmpty()) {
                reading.findings.warn("svg.badTransform", node.display());
            }
            return affine.orElse(Affine.IDENTITY);
        } catch (Numbers.NotFinite e) {
            throw reading.notFinite(node);
        }
    }

    private Optional<Element> shape(SvgNode node, Style style, SvgViewport viewport) {
        Optional<Outline> outline = shapes.outline(node, viewport).filter(o -> !o.isEmpty());
        if (outline.isEmpty()) {
            return Optional.empty();
        }
        Optional<Box> bounds = outline.get().bounds();
        FillRule rule = style.get("fill-rule", "nonzero").equals("evenodd") ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
        Paint fill = node.is("line") ? Paint.NONE : paints.fill(style, bounds, viewport);
        Optional<Stroke> stroke = paints.stroke(node, style, bounds, viewport);
        for (String marker : List.of("marker-start", "marker-mid", "marker-end")) {
            style.get(marker)
                    .filter(m -> !m.equals("none"))
                    .flatMap(reading::target)
                    .ifPresent(m -> reading.findings.warn("svg.notCarried", "marker"));
        }
        boolean invisible = List.of("hidden", "collapse").contains(style.get("visibility", "visible"));
        Traits traits = Traits.named("").withHidden(invisible);
        if (stroke.isPresent()
                && fill.visible()
                && style.get("paint-order", "normal").startsWith("stroke")) {
            ShapeElement line = new ShapeElement(Traits.named(""), outline.get(), rule, Paint.NONE, stroke);
            ShapeElement area = new ShapeElement(Traits.named(""), outline.get(), rule, fill, Optional.empty());
            return Optional.of(GroupElement.of(traits, List.of(line, area)));
        }
        return Optional.of(plainShapes
                .read(node, viewport, outline.get())
                .filter(p -> rule == FillRule.NON_ZERO
                        || List.of("rect", "circle", "ellipse").contains(node.tag))
                .map(p -> placed(p, traits, fill, stroke))
                .orElse(new ShapeElement(traits, outline.get(), rule, fill, stroke)));
    }

    /** A plain shape with its frame where it lies; its paints come along. */
    private static ShapeElement placed(PlainShapeReader.Placed p, Traits traits, Paint fill, Optional<Stroke> stroke) {
        Affine back = Affine.translate(-p.x(), -p.y());
        return ShapeElement.of(
                traits.withPlacement(Affine.translate(p.x(), p.y())),
                p.shape(),
                fill.transformed(back),
                stroke.map(s -> s.scaled(1, back)));
    }

    private Optional<Element> group(SvgNode node, SvgViewport viewport, Affine inside) {
        List<Element> made = children(node, viewport);
        if (made.isEmpty()) {
            return Optional.empty();
        }
        Optional<Element> bordered = node.attribute(SvgBorders.ATTRIBUTE).flatMap(side -> SvgBorders.read(side, made));
        if (bordered.isPresent()) {
            return bordered;
        }
        return Optional.of(GroupElement.of(Traits.named("").withPlacement(inside), made));
    }

    private static Element asGroup(Element e, SvgNode node) {
        return e instanceof GroupElement && node.attributes.isEmpty()
                ? e
                : GroupElement.of(Traits.named(""), List.of(e));
    }

    /** The first child of a switch that asks for nothing special, or for English. */
    private static Optional<SvgNode> chosen(SvgNode node) {
        return node.children.stream()
                .filter(c -> !c.is(SvgNode.TEXT) && !c.tag.startsWith("?") && !c.is("foreignObject"))
                .filter(c -> c.attribute("requiredExtensions", "").isBlank())
                .filter(c -> c.attribute("systemLanguage")
                        .map(l -> l.startsWith("en"))
                        .orElse(true))
                .findFirst();
    }

    private Optional<Element> nested(SvgNode node, SvgViewport viewport) {
        return viewport(
                node,
                new Box(
                        reading.length(node, "x", viewport.width(), 0),
                        reading.length(node, "y", viewport.height(), 0),
                        reading.length(node, "width", viewport.width(), viewport.width()),
                        reading.length(node, "height", viewport.height(), viewport.height())));
    }

    /** What a nested svg or a symbol shows in {@code area}, clipped to it unless it says otherwise. */
    private Optional<Element> viewport(SvgNode node, Box area) {
        if (!(area.width() > 0 && area.height() > 0)) {
            return Optional.empty();
        }
        Optional<Box> viewBox = SvgViewport.viewBox(node);
        Affine inside = viewBox.map(v -> SvgViewport.fit(v, area, node.attribute("preserveAspectRatio", "xMidYMid")))
                .orElse(Affine.translate(area.x(), area.y()));
        SvgViewport inner = viewBox.map(v -> new SvgViewport(v.width(), v.height()))
                .orElse(new SvgViewport(area.width(), area.height()));
        return group(node, inner, inside).map(e -> {
            String overflow = reading.style(node).get("overflow", "hidden");
            Optional<Affine> back = inside.inverse();
            if (overflow.equals("visible") || overflow.equals("auto") || back.isEmpty()) {
                return e;
            }
            GroupElement g = (GroupElement) e;
            Outline frame = Outline.rectangle(area.transformed(back.get()));
            return new GroupElement(
                    g.traits(), g.children(), Optional.of(new Clip(frame, FillRule.NON_ZERO)), Optional.empty());
        });
    }

    private Optional<Element> use(SvgNode node, SvgViewport viewport) {
        if (ExternalLinks.leadsAway(reading, node)) {
            return Optional.empty();
        }
        Optional<SvgNode> target = node.href().flatMap(reading::byId);
        if (target.isEmpty()) {
            reading.findings.warn("svg.useOfNothing", node.display());
            return Optional.empty();
        }
        SvgNode used = target.get().usedBy(node);
        if (!reading.enter(target.get())) {
            return Optional.empty();
        }
        try {
            Affine place = Affine.translate(
                    reading.length(node, "x", viewport.width(), 0), reading.length(node, "y", viewport.height(), 0));
            Optional<Element> made;
            if (used.is("symbol") || used.is("svg")) {
                double width = reading.length(
                        node,
                        "width",
                        viewport.width(),
                        reading.length(used, "width", viewport.width(), viewport.width()));
                double height = reading.length(
                        node,
                        "height",
                        viewport.height(),
                        reading.length(used, "height", viewport.height(), viewport.height()));
                made = viewport(used, new Box(0, 0, width, height))
                        .map(e -> finished(e, used, reading.style(used), viewport));
            } else {
                made = element(used, viewport);
            }
            return made.map(e -> GroupElement.of(Traits.named("").withPlacement(place), List.of(e)));
        } finally {
            reading.leave();
        }
    }
}
