package rondel.formats.svg;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.job.Traits;

/** Clip paths and masks (CSS Masking 1) as clips and masks of groups. */
final class VeilReader {

    private final SvgReading reading;
    private final ElementReader elements;
    private final ShapeReader shapes;

    VeilReader(SvgReading reading, ElementReader elements, ShapeReader shapes) {
        this.reading = reading;
        this.elements = elements;
        this.shapes = shapes;
    }

    /** The element with its clip and mask, in a group of its own where it is no group or has a clip already. */
    Element veil(Element element, SvgNode node, Style style, SvgViewport viewport) {
        Element result = element;
        Optional<SvgNode> clipNode =
                style.get("clip-path").flatMap(reading::target).filter(n -> n.is("clipPath"));
        Optional<SvgNode> maskNode = style.get("mask").flatMap(reading::target).filter(n -> n.is("mask"));
        if (clipNode.isEmpty() && maskNode.isEmpty()) {
            return result;
        }
        // A plain shape's frame is moved within the user space; what a group adds is a space of its own.
        Element inSpace =
                element instanceof ShapeElement ? element : element.with(t -> t.withPlacement(Affine.IDENTITY));
        Box box = Extent.of(inSpace, Affine.IDENTITY).orElse(new Box(0, 0, 0, 0));
        if (maskNode.isPresent() && reading.enter(maskNode.get())) {
            try {
                Mask mask = mask(maskNode.get(), box, viewport);
                result = wrapped(result, Optional.empty(), Optional.of(mask));
            } finally {
                reading.leave();
            }
        }
        for (Clip clip : clipNode.map(n -> clips(n, box, viewport)).orElse(List.of())) {
            result = wrapped(result, Optional.of(clip), Optional.empty());
        }
        return result;
    }

    private static Element wrapped(Element inner, Optional<Clip> clip, Optional<Mask> mask) {
        if (inner instanceof GroupElement g && g.clip().isEmpty() && g.mask().isEmpty() && plain(g)) {
            return new GroupElement(g.traits(), g.children(), clip, mask);
        }
        if (inner instanceof GroupElement g && g.clip().isEmpty() && clip.isPresent() && plain(g)) {
            return new GroupElement(g.traits(), g.children(), clip, g.mask());
        }
        Traits outer = inner.traits().withPlacement(Affine.IDENTITY);
        Element bare = inner.with(t -> Traits.named("").withPlacement(t.placement()));
        return new GroupElement(outer, List.of(bare), clip, mask);
    }

    /** Whether the group's own space is the space that the clip is given in. */
    private static boolean plain(GroupElement g) {
        return g.placement().equals(Affine.IDENTITY);
    }

    private List<Clip> clips(SvgNode node, Box box, SvgViewport viewport) {
        List<Clip> all = new ArrayList<>();
        if (!reading.enter(node)) {
            return all;
        }
        try {
            boolean ofBox = node.attribute("clipPathUnits", "").equals("objectBoundingBox");
            Affine toUser = transform(node);
            if (ofBox) {
                toUser = PaintReader.onto(box).times(toUser);
            }
            List<Clip> parts = new ArrayList<>();
            for (SvgNode child : node.children) {
                part(child, toUser, viewport).ifPresent(parts::add);
            }
            all.add(united(parts));
            reading.style(node)
                    .get("clip-path")
                    .flatMap(reading::target)
                    .filter(n -> n.is("clipPath"))
                    .ifPresent(n -> all.addAll(clips(n, box, viewport)));
            return all;
        } finally {
            reading.leave();
        }
    }

    private Optional<Clip> part(SvgNode child, Affine toUser, SvgViewport viewport) {
        Style style = reading.style(child);
        if (style.get("display", "").equals("none")
                || style.get("visibility", "").equals("hidden")) {
            return Optional.empty();
        }
        if (child.is("text") || child.is("use")) {
            return elements.element(child, viewport).map(e -> new Clip(allOutlines(e, toUser), FillRule.NON_ZERO));
        }
        FillRule rule = style.get("clip-rule", "nonzero").equals("evenodd") ? FillRule.EVEN_ODD : FillRule.NON_ZERO;
        return shapes.outline(child, viewport)
                .filter(o -> !o.isEmpty())
                .map(o -> new Clip(o.transformed(toUser.times(transform(child))), rule));
    }

    private static Outline allOutlines(Element e, Affine toTarget) {
        Affine own = toTarget.times(e.placement());
        return switch (e) {
            case ShapeElement s -> s.outline().transformed(own);
            case TextElement t -> t.outline().transformed(own);
            case GroupElement g -> {
                Outline all = Outline.EMPTY;
                for (Element c : g.children()) {
                    all = all.plus(allOutlines(c, own));
                }
                yield all;
            }
            case rondel.job.PictureElement p -> Outline.EMPTY;
            case CopyElement c -> allOutlines(c.asGroup(), toTarget);
        };
    }

    /** Several shapes clip as their union. */
    private static Clip united(List<Clip> parts) {
        if (parts.size() == 1) {
            return parts.getFirst();
        }
        Area area = new Area();
        for (Clip part : parts) {
            area.add(new Area(part.outline().toShape(part.rule())));
        }
        return new Clip(Outline.of(area), FillRule.NON_ZERO);
    }

    private Affine transform(SvgNode node) {
        try {
            return TransformData.parse(node.attribute("transform", "")).orElse(Affine.IDENTITY);
        } catch (Numbers.NotFinite e) {
            throw reading.notFinite(node);
        }
    }

    private Mask mask(SvgNode node, Box box, SvgViewport viewport) {
        boolean ofBox = !node.attribute("maskUnits", "").equals("userSpaceOnUse");
        boolean contentOfBox = node.attribute("maskContentUnits", "").equals("objectBoundingBox");
        SvgViewport unit = ofBox ? new SvgViewport(1, 1) : viewport;
        Box area = new Box(
                reading.length(node, "x", unit.width(), -0.1 * unit.width()),
                reading.length(node, "y", unit.height(), -0.1 * unit.height()),
                Math.max(0, reading.length(node, "width", unit.width(), 1.2 * unit.width())),
                Math.max(0, reading.length(node, "height", unit.height(), 1.2 * unit.height())));
        Affine place = contentOfBox ? PaintReader.onto(box) : Affine.IDENTITY;
        List<Element> content = elements.children(node, viewport).stream()
                .map(e -> e.with(t -> t.placedBy(place)))
                .toList();
        Mask.Kind kind = reading.style(node).get("mask-type", "luminance").equals("alpha")
                ? Mask.Kind.ALPHA
                : Mask.Kind.LUMINANCE;
        return new Mask(content, ofBox ? area.transformed(PaintReader.onto(box)) : area, kind);
    }
}
