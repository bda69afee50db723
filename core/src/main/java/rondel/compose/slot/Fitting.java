package rondel.compose.slot;

import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.PictureElement;

/** Lays pictures in windows. Proportions are kept on the sheet, however the window itself is stretched. */
public final class Fitting {

    private Fitting() {}

    /** The window with its picture laid as its fit says; what lies free, and what is no window, stays as it is.
     *
     * @param toSheet from the window's parent to the sheet */
    public static Element fitted(Element element, Affine toSheet) {
        if (!(element instanceof GroupElement g)) {
            return element;
        }
        boolean none = GroupElement.everything(g)
                .noneMatch(e -> e instanceof GroupElement x && x.slot().isPresent());
        if (none) {
            return g;
        }
        Affine inside = toSheet.times(g.placement());
        if (g.slot().isEmpty()) {
            return g.withChildren(
                    g.children().stream().map(c -> fitted(c, inside)).toList());
        }
        if (g.slot().get() == Fit.FREE) {
            return g;
        }
        return g.withChildren(g.children().stream()
                .map(c -> c instanceof PictureElement p ? laid(g, p, toSheet) : c)
                .toList());
    }

    /** A picture as a window's fit lays it; freely laid ones fill. */
    static PictureElement laid(GroupElement slot, PictureElement picture, Affine toSheet) {
        Affine own = toSheet.times(slot.placement());
        double turn = own.rotation();
        Affine upright = Affine.rotate(-turn).times(own);
        Optional<Affine> back = own.inverse();
        Optional<Box> opening = slot.clip().flatMap(c -> c.outline().bounds(upright));
        Box frame = picture.frame();
        if (back.isEmpty() || opening.isEmpty() || !(frame.width() > 0 && frame.height() > 0)) {
            return picture;
        }
        double across = opening.get().width() / frame.width();
        double down = opening.get().height() / frame.height();
        boolean whole = slot.slot().filter(f -> f == Fit.WHOLE).isPresent();
        double scale = whole ? Math.min(across, down) : Math.max(across, down);
        Affine onSheet = Affine.rotate(turn)
                .times(Affine.translate(
                        opening.get().centre().x(), opening.get().centre().y()))
                .times(Affine.scale(scale, scale))
                .times(Affine.translate(-frame.centre().x(), -frame.centre().y()));
        return picture.withTraits(picture.traits().withPlacement(back.get().times(onSheet)));
    }
}
