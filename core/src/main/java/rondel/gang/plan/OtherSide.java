package rondel.gang.plan;

import java.util.List;
import rondel.gang.copies.FlatContent;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Design;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.Plan;
import rondel.job.Stock;

/** The other side of a sheet, in register: what lies behind each copy once the printer has turned the paper. The paper is turned about a
 *  middle line of the stock, so places are mirrored about it; turns are the same, as what is printed is read from its own side. */
final class OtherSide {

    private OtherSide() {}

    /** Whether a plan has anything for the other side. */
    static boolean isMade(Plan plan) {
        return plan.designs().stream()
                .anyMatch(d -> d.design().folded().filter(OtherSide::hasInside).isPresent());
    }

    private static boolean hasInside(Design.Flat flat) {
        return flat.folding().kind().twoSided() && flat.faces().stream().anyMatch(f -> isInside(f.face()));
    }

    private static boolean isInside(FaceName face) {
        return switch (face) {
            case INSIDE, INSIDE_LEFT, INSIDE_MIDDLE, INSIDE_RIGHT, INSIDE_TOP, INSIDE_BOTTOM -> true;
            default -> false;
        };
    }

    static LaidSheet of(LaidSheet outside) {
        List<LaidCopy> behind = outside.copies().stream()
                .flatMap(c -> c.design().folded().map(flat -> behind(c, flat, outside.stock())).stream())
                .toList();
        return new LaidSheet(outside.stock(), outside.number(), true, outside.area(), behind);
    }

    private static LaidCopy behind(LaidCopy copy, Design.Flat flat, Stock stock) {
        boolean uprightLong = stock.height() >= stock.width();
        boolean upright = uprightLong == (flat.folding().turning() == Folding.Turning.LONG_EDGE);
        Box box = copy.box();
        double x = upright ? stock.width() - box.centre().x() : box.centre().x();
        double y = upright ? box.centre().y() : stock.height() - box.centre().y();
        Affine place = new Affine(
                copy.place().a(),
                copy.place().b(),
                copy.place().c(),
                copy.place().d(),
                x,
                y);
        boolean turned = Math.abs(copy.place().b()) > Math.abs(copy.place().a());
        boolean uprightInDesign = upright != turned;
        Design.Flat.Side side =
                uprightInDesign == FlatContent.uprightFold(flat.folding().kind())
                        ? Design.Flat.Side.INSIDE
                        : Design.Flat.Side.INSIDE_ON_ITS_HEAD;
        Design inside = flat.onSide(side);
        Design shown =
                copy.design() instanceof Design.InRows r ? new Design.InRows(inside, r.room(), r.bare()) : inside;
        return new LaidCopy(
                copy.index(),
                shown,
                place,
                new Box(x - box.width() / 2, y - box.height() / 2, box.width(), box.height()));
    }
}
