package rondel.job;

import java.util.Optional;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** Contours with a fill and, perhaps, a stroke. */
public record ShapeElement(Traits traits, Outline outline, FillRule rule, Paint fill, Optional<Stroke> stroke)
        implements Element {

    public ShapeElement withFill(Paint other) {
        return new ShapeElement(traits, outline, rule, other, stroke);
    }

    public ShapeElement withStroke(Optional<Stroke> other) {
        return new ShapeElement(traits, outline, rule, fill, other);
    }

    @Override
    public ShapeElement withTraits(Traits other) {
        return new ShapeElement(other, outline, rule, fill, stroke);
    }

    @Override
    public String kind() {
        return "shape";
    }
}
