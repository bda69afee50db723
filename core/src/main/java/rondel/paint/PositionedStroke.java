package rondel.paint;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.curve.Contour;
import rondel.geometry.overlay.Overlay;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;

/** A line that lies inside or outside of the edge it goes around, spelled as what every format and every painter knows: a line of
 *  twice the width along the edge, clipped to the inside or to the outside. */
public final class PositionedStroke {

    /** How far beyond its line a clip to the outside reaches, in widths: past the longest mitre that is usual. */
    private static final double ROOM = 12;

    private PositionedStroke() {}

    /** Whether an element's line lies on one side. */
    public static Optional<Stroke.Position> of(Element e) {
        return stroke(e)
                .filter(s -> s.visible() && s.position() != Stroke.Position.CENTRE && isClosed(outline(e)))
                .map(Stroke::position);
    }

    /** The element as a group of what is filled, if anything, and the clipped line; its name, role and place are the group's.
     *  The same element where its line lies on both sides. */
    public static Element spelled(Element e) {
        Optional<Stroke.Position> position = of(e);
        if (position.isEmpty()) {
            return e;
        }
        Stroke own = stroke(e).orElseThrow();
        Outline outline = outline(e);
        Stroke twice = own.withPosition(Stroke.Position.CENTRE).withWidth(2 * own.width());
        Clip clip = position.get() == Stroke.Position.INSIDE
                ? new Clip(outline, rule(e))
                : new Clip(outside(outline, rule(e), own), FillRule.EVEN_ODD);
        ShapeElement line = e instanceof ShapeElement s
                ? s.withTraits(Traits.named("")).withFill(Paint.NONE).withStroke(Optional.of(twice))
                : new ShapeElement(Traits.named(""), outline, rule(e), Paint.NONE, Optional.of(twice));
        GroupElement border = new GroupElement(Traits.named(""), List.of(line), Optional.of(clip), Optional.empty());
        Element filled = unstroked(e).withTraits(Traits.named(""));
        List<Element> parts = fill(e).visible() ? List.of(filled, border) : List.of(border);
        return GroupElement.of(e.traits(), parts);
    }

    /** All around an outline, less what is inside it, by the even-odd rule. */
    private static Outline outside(Outline outline, FillRule rule, Stroke line) {
        Outline simple = rule == FillRule.EVEN_ODD ? outline : Overlay.united(outline);
        double reach = ROOM * Math.max(1, line.miterLimit()) * line.width();
        Box box = outline.bounds().orElseThrow().grown(reach);
        return Outline.rectangle(box).plus(simple);
    }

    private static boolean isClosed(Outline outline) {
        return !outline.isEmpty() && Contour.of(outline).stream().allMatch(PositionedStroke::comesBack);
    }

    private static boolean comesBack(Contour c) {
        return c.closed()
                || c.segments().getFirst().start().equals(c.segments().getLast().end());
    }

    private static Optional<Stroke> stroke(Element e) {
        return switch (e) {
            case ShapeElement s -> s.stroke();
            case TextElement t -> t.stroke();
            default -> Optional.empty();
        };
    }

    private static Outline outline(Element e) {
        return switch (e) {
            case ShapeElement s -> s.outline();
            case TextElement t -> t.outline();
            default -> Outline.EMPTY;
        };
    }

    private static FillRule rule(Element e) {
        return e instanceof ShapeElement s ? s.rule() : FillRule.NON_ZERO;
    }

    private static Paint fill(Element e) {
        return switch (e) {
            case ShapeElement s -> s.fill();
            case TextElement t -> t.fill();
            default -> Paint.NONE;
        };
    }

    private static Element unstroked(Element e) {
        return switch (e) {
            case ShapeElement s -> s.withStroke(Optional.empty());
            case TextElement t -> t.withStroke(Optional.empty());
            default -> e;
        };
    }

    /** How far a line reaches out from its outline at most, in the outline's own space, mitres included. */
    static double reach(Stroke line) {
        double corners = line.join() == Stroke.Join.MITER ? Math.max(line.miterLimit(), 1.5) : 1.5;
        return line.width() * line.outwards() * corners;
    }

    static double scale(Affine a) {
        return Math.max(Math.hypot(a.a(), a.b()), Math.hypot(a.c(), a.d()));
    }
}
