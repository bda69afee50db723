package rondel.lines.combine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Clip;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.progress.Cancellation;

/** What an element covers, as one outline on the sheet. Hidden things cover nothing; clips are heeded.
 *
 * @param strokes whether lines count with the area they cover; without, an open line counts as closed by a straight one
 * @param pictures what a picture covers, in its own space */
public record Silhouette(boolean strokes, Function<PictureElement, Outline> pictures) {

    /** Pictures count with their frames. */
    public static Silhouette framed(boolean strokes) {
        return new Silhouette(strokes, p -> Outline.rectangle(p.frame()));
    }

    /** @param toSheet from the element's parent to the sheet */
    public Outline of(Element e, Affine toSheet) {
        List<Operand> parts = new ArrayList<>();
        collect(e, toSheet, parts);
        if (parts.size() == 1 && parts.getFirst().rule() == FillRule.NON_ZERO && e instanceof TextElement == false) {
            return parts.getFirst().outline();
        }
        return parts.isEmpty() ? Outline.EMPTY : Overlay.of(parts).unite();
    }

    private void collect(Element e, Affine toSheet, List<Operand> parts) {
        Cancellation.check();
        if (e.hidden()) {
            return;
        }
        Affine own = toSheet.times(e.placement());
        switch (e) {
            case ShapeElement s -> drawn(s.outline(), s.rule(), s.fill().visible(), s.stroke(), own, parts);
            case TextElement t -> drawn(t.outline(), FillRule.NON_ZERO, t.fill().visible(), t.stroke(), own, parts);
            case PictureElement p -> parts.add(new Operand(pictures.apply(p).transformed(own), FillRule.NON_ZERO));
            case GroupElement g -> group(g, own, parts);
            case CopyElement c -> group(c.asGroup(), own, parts);
        }
    }

    private void group(GroupElement g, Affine own, List<Operand> parts) {
        if (g.clip().isEmpty()) {
            g.children().forEach(c -> collect(c, own, parts));
            return;
        }
        Clip clip = g.clip().get();
        List<Operand> inside = new ArrayList<>();
        g.children().forEach(c -> collect(c, own, inside));
        if (inside.isEmpty()) {
            return;
        }
        Outline all = Overlay.of(inside).unite();
        Operand edge = new Operand(clip.outline().transformed(own), clip.rule());
        parts.add(new Operand(
                Overlay.of(List.of(new Operand(all, FillRule.NON_ZERO), edge)).intersect(), FillRule.NON_ZERO));
    }

    /** What has neither fill nor line counts by its outline: it is a cut line that is not drawn. */
    private void drawn(
            Outline outline, FillRule rule, boolean filled, Optional<Stroke> stroke, Affine own, List<Operand> parts) {
        boolean lined = stroke.filter(Stroke::visible).isPresent();
        if (filled || !lined || !strokes) {
            parts.add(new Operand(outline.transformed(own), rule));
        }
        if (lined && strokes) {
            parts.add(new Operand(StrokeOutline.of(outline, stroke.get(), own), FillRule.NON_ZERO));
        }
    }
}
