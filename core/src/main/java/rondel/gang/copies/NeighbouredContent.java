package rondel.gang.copies;

import java.util.List;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;
import rondel.job.Traits;

/** A design as it is shown beside close neighbours: no farther than its room, and without cut lines that run along its box where
 *  these are cut together with the neighbours'. */
public final class NeighbouredContent {

    /** Lines that differ from the box by less are the box's own, in mm. */
    private static final double SAME = 0.01;

    private NeighbouredContent() {}

    static CopyContent of(CopyContent whole, Design.InRows in) {
        CopyContent bare =
                in.bare() ? whole.withElements(without(whole.group().children(), Affine.IDENTITY, whole.box())) : whole;
        Box shown = bare.box().grown(in.room());
        if (ContentBleed.of(bare) <= in.room() + SAME) {
            return bare;
        }
        List<Element> inside = bare.group().clip().isEmpty()
                ? bare.group().children()
                : List.of(bare.group().withTraits(Traits.named("")));
        return new CopyContent(inside, Optional.of(new Clip(Outline.rectangle(shown), FillRule.NON_ZERO)), bare.box());
    }

    /** Whether a design has a straight cut line of its own around its box, which neighbours that touch it have in common with it. */
    public static boolean hasCutBox(CopyContent content) {
        return hasCutBox(content.group().children(), Affine.IDENTITY, content.box());
    }

    private static boolean hasCutBox(List<Element> elements, Affine around, Box box) {
        return elements.stream()
                .anyMatch(e -> isBox(e, around, box)
                        || e instanceof GroupElement g && hasCutBox(g.children(), around.times(g.placement()), box));
    }

    private static List<Element> without(List<Element> elements, Affine around, Box box) {
        return elements.stream()
                .filter(e -> !isBox(e, around, box))
                .map(e -> e instanceof GroupElement g
                        ? g.withChildren(without(g.children(), around.times(g.placement()), box))
                        : e)
                .toList();
    }

    private static boolean isBox(Element e, Affine around, Box box) {
        if (!(e instanceof ShapeElement s) || !s.role().isCut()) {
            return false;
        }
        Affine own = around.times(s.placement());
        return own.keepsBoxes()
                && s.outline()
                        .bounds()
                        .filter(b -> Outline.rectangle(b).equals(s.outline()))
                        .isPresent()
                && s.outline()
                        .bounds(own)
                        .filter(b ->
                                box.grown(SAME).contains(b) && b.grown(SAME).contains(box))
                        .isPresent();
    }
}
