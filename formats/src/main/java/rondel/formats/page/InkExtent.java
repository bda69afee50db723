package rondel.formats.page;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Shadow;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.paint.Pens;
import rondel.paint.PositionedStroke;

/** The box around what is really inked: exact for areas, and with the true reach of strokes. */
final class InkExtent {

    private InkExtent() {}

    static Optional<Box> of(Element element, Affine toTarget) {
        Optional<Shadow> shadow = element.traits().shadow();
        Optional<Box> bare = bare(element, toTarget);
        return shadow.isEmpty()
                ? bare
                : bare.map(b -> b.union(b.moved(shadow.get().dx(), shadow.get().dy())
                        .grown(shadow.get().reach())));
    }

    private static Optional<Box> bare(Element given, Affine toTarget) {
        Element element = PositionedStroke.spelled(given);
        Affine own = toTarget.times(element.placement());
        return switch (element) {
            case ShapeElement s -> drawn(s.outline(), s.fill(), s.stroke(), own);
            case TextElement t -> drawn(t.outline(), t.fill(), t.stroke(), own);
            case PictureElement p -> Optional.of(p.measured().transformed(own));
            case CopyElement c -> of(c.asGroup(), toTarget);
            case GroupElement g -> {
                Optional<Box> all = Box.around(g.children().stream()
                        .filter(Page::made)
                        .flatMap(c -> of(c, own).stream())
                        .toList());
                yield g.clip().isEmpty()
                        ? all
                        : all.flatMap(b -> g.clip().get().outline().bounds(own).flatMap(b::intersection));
            }
        };
    }

    private static Optional<Box> drawn(Outline outline, Paint fill, Optional<Stroke> stroke, Affine own) {
        Optional<Box> area = fill.visible() ? outline.bounds(own) : Optional.empty();
        Optional<Box> line = stroke.filter(Stroke::visible).map(s -> {
            Shape inked = Pens.of(s).createStrokedShape(outline.toShape(FillRule.NON_ZERO));
            Rectangle2D r = own.toAwt().createTransformedShape(inked).getBounds2D();
            return new Box(r.getX(), r.getY(), r.getWidth(), r.getHeight());
        });
        return area.isPresent() && line.isPresent() ? Optional.of(area.get().union(line.get())) : area.or(() -> line);
    }
}
