package rondel.job;

import java.util.Optional;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.shape.PlainShape;

/** Contours with a fill and, perhaps, a stroke.
 *
 * @param plain the figures that its outline is computed from, where it is a plain shape; its outline is always theirs */
public record ShapeElement(
        Traits traits, Outline outline, FillRule rule, Paint fill, Optional<Stroke> stroke, Optional<PlainShape> plain)
        implements Element {

    /** A shape by its outline alone. */
    public ShapeElement(Traits traits, Outline outline, FillRule rule, Paint fill, Optional<Stroke> stroke) {
        this(traits, outline, rule, fill, stroke, Optional.empty());
    }

    /** An area without a line around it. */
    public static ShapeElement filled(String name, Outline outline, Paint fill) {
        return new ShapeElement(Traits.named(name), outline, FillRule.NON_ZERO, fill, Optional.empty());
    }

    /** A plain shape by its figures. */
    public static ShapeElement of(Traits traits, PlainShape plain, Paint fill, Optional<Stroke> stroke) {
        return new ShapeElement(traits, plain.outline(), FillRule.NON_ZERO, fill, stroke, Optional.of(plain));
    }

    /** The same plain shape, or one that was none, by other figures. */
    public ShapeElement withPlain(PlainShape other) {
        return new ShapeElement(traits, other.outline(), FillRule.NON_ZERO, fill, stroke, Optional.of(other));
    }

    /** The same with an outline of its own, which no figures tell. */
    public ShapeElement withOutline(Outline other) {
        return new ShapeElement(traits, other, rule, fill, stroke);
    }

    public ShapeElement withFill(Paint other) {
        return new ShapeElement(traits, outline, rule, other, stroke, plain);
    }

    public ShapeElement withStroke(Optional<Stroke> other) {
        return new ShapeElement(traits, outline, rule, fill, other, plain);
    }

    @Override
    public ShapeElement withTraits(Traits other) {
        return new ShapeElement(other, outline, rule, fill, stroke, plain);
    }

    @Override
    public String kind() {
        return "shape";
    }
}
