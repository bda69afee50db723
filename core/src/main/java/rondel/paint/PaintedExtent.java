package rondel.paint;

import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;

/** A box that holds all the ink of an element, strokes and mitres included; it may be larger than needed. */
public final class PaintedExtent {

    private PaintedExtent() {}

    public static Optional<Box> of(Element element, Affine toTarget) {
        Affine own = toTarget.times(element.placement());
        return switch (element) {
            case ShapeElement s -> inked(s.outline().bounds(own), s.stroke(), own);
            case TextElement t -> inked(t.outline().bounds(own), t.stroke(), own);
            case PictureElement p -> Optional.of(p.frame().transformed(own));
            case GroupElement g -> {
                Optional<Box> all = Box.around(g.children().stream()
                        .filter(c -> !c.hidden())
                        .flatMap(c -> of(c, own).stream())
                        .toList());
                yield g.clip().isEmpty()
                        ? all
                        : all.flatMap(b -> g.clip().get().outline().bounds(own).flatMap(b::intersection));
            }
        };
    }

    private static Optional<Box> inked(Optional<Box> box, Optional<Stroke> stroke, Affine own) {
        if (box.isEmpty() || stroke.isEmpty()) {
            return box;
        }
        Stroke line = stroke.get();
        double reach = line.join() == Stroke.Join.MITER ? Math.max(line.miterLimit(), 1.5) : 1.5;
        double scale = Math.max(Math.hypot(own.a(), own.b()), Math.hypot(own.c(), own.d()));
        return box.map(b -> b.grown(line.width() / 2 * reach * scale));
    }
}
