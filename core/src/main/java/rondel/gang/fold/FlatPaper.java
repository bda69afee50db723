package rondel.gang.fold;

import java.util.List;
import rondel.geometry.Affine;
import rondel.job.FaceName;
import rondel.job.Folding.Kind;
import rondel.job.Folding.Turning;
import rondel.words.Refusal;

/** A folded thing laid flat: what is printed on each side of the paper, in register, and where it is folded.
 *
 * @param width of the flat paper, in mm
 * @param outside faces of the page that is printed first
 * @param inside faces of the page on the other side, as that page is printed; empty where nothing is
 * @param folds on the outside page */
public record FlatPaper(double width, double height, List<Face> outside, List<Face> inside, List<Fold> folds) {

    /** By how much a part that is folded inwards is narrower than those that cover it, in mm: paper is not so thin that it would
     *  not bulge at the fold otherwise. */
    private static final double TUCK = 1;

    public FlatPaper {
        outside = List.copyOf(outside);
        inside = List.copyOf(inside);
        folds = List.copyOf(folds);
    }

    /** A folded thing by its closed size.
     *
     * @param width of the front, in mm
     * @throws Refusal if it has no size */
    public static FlatPaper of(Kind kind, double width, double height, Turning turning) {
        FlatPaper upright = about(kind, width, height, true);
        return about(kind, width, height, aboutUprightLine(upright.width, upright.height, turning));
    }

    /** A folded thing by its closed size, for a printer that turns the paper about a line in a direction of the thing's.
     *
     * @param uprightAxis whether that line is upright when the flat paper is
     * @throws Refusal if it has no size */
    public static FlatPaper about(Kind kind, double width, double height, boolean uprightAxis) {
        if (!(width > 2 * TUCK && height > 0 && Double.isFinite(width) && Double.isFinite(height))) {
            throw Refusal.of("fold.size");
        }
        return switch (kind) {
            case TAG -> tag(width, height);
            case HALF_SIDE -> halfSide(width, height).turned(uprightAxis, true);
            case HALF_TOP -> halfTop(width, height).turned(uprightAxis, false);
            case GATE -> gate(width, height).turned(uprightAxis, true);
            case TRI_FOLD -> triFold(width, height).turned(uprightAxis, true);
        };
    }

    private static Face face(FaceName name, double x, double y, double width, double height) {
        return new Face(name, Affine.translate(x, y), width, height);
    }

    /** A face that stands on its head on the page. */
    private static Face onItsHead(FaceName name, double x, double y, double width, double height) {
        return new Face(name, Affine.translate(x + width, y + height).times(Affine.rotate(180)), width, height);
    }

    private static FlatPaper tag(double w, double h) {
        return new FlatPaper(
                w,
                2 * h,
                List.of(onItsHead(FaceName.BACK, 0, 0, w, h), face(FaceName.FRONT, 0, h, w, h)),
                List.of(),
                List.of(Fold.level(h, w)));
    }

    private static FlatPaper halfSide(double w, double h) {
        return new FlatPaper(
                2 * w,
                h,
                List.of(face(FaceName.BACK, 0, 0, w, h), face(FaceName.FRONT, w, 0, w, h)),
                List.of(face(FaceName.INSIDE_LEFT, 0, 0, w, h), face(FaceName.INSIDE_RIGHT, w, 0, w, h)),
                List.of(Fold.upright(w, h)));
    }

    /** The back is printed on its head, so that it stands upright once it is folded behind the front. */
    private static FlatPaper halfTop(double w, double h) {
        return new FlatPaper(
                w,
                2 * h,
                List.of(onItsHead(FaceName.BACK, 0, 0, w, h), face(FaceName.FRONT, 0, h, w, h)),
                List.of(face(FaceName.INSIDE_TOP, 0, 0, w, h), face(FaceName.INSIDE_BOTTOM, 0, h, w, h)),
                List.of(Fold.level(h, w)));
    }

    private static FlatPaper gate(double w, double h) {
        double door = w / 2;
        return new FlatPaper(
                2 * w,
                h,
                List.of(
                        face(FaceName.FRONT_RIGHT, 0, 0, door, h),
                        face(FaceName.BACK, door, 0, w, h),
                        face(FaceName.FRONT_LEFT, door + w, 0, door, h)),
                List.of(
                        face(FaceName.INSIDE_LEFT, 0, 0, door, h),
                        face(FaceName.INSIDE_MIDDLE, door, 0, w, h),
                        face(FaceName.INSIDE_RIGHT, door + w, 0, door, h)),
                List.of(Fold.upright(door, h), Fold.upright(door + w, h)));
    }

    private static FlatPaper triFold(double w, double h) {
        double flap = w - TUCK;
        return new FlatPaper(
                2 * w + flap,
                h,
                List.of(
                        face(FaceName.FLAP, 0, 0, flap, h),
                        face(FaceName.BACK, flap, 0, w, h),
                        face(FaceName.FRONT, flap + w, 0, w, h)),
                List.of(
                        face(FaceName.INSIDE_LEFT, 0, 0, w, h),
                        face(FaceName.INSIDE_MIDDLE, w, 0, w, h),
                        face(FaceName.INSIDE_RIGHT, 2 * w, 0, flap, h)),
                List.of(Fold.upright(flap, h), Fold.upright(flap + w, h)));
    }

    /** Whether the paper is turned about an upright line, as a page of a book is. */
    private static boolean aboutUprightLine(double width, double height, Turning turning) {
        boolean uprightIsLong = height >= width;
        return uprightIsLong == (turning == Turning.LONG_EDGE);
    }

    /** The inside page as it must be printed for a way of turning. Who opens the card turns it about its fold: a printer that turns the
     *  paper about a line in the same direction brings the inside out as it is read, any other on its head, and it is printed so.
     *
     * @param upright whether the fold is upright */
    private FlatPaper turned(boolean uprightAxis, boolean upright) {
        if (uprightAxis == upright) {
            return this;
        }
        Affine half = Affine.translate(width, height).times(Affine.rotate(180));
        List<Face> onTheirHead = inside.stream()
                .map(f -> new Face(f.name(), half.times(f.toPage()), f.width(), f.height()))
                .toList();
        return new FlatPaper(width, height, outside, onTheirHead, folds);
    }

    /** From the inside page, as it is printed, to the outside page seen through the paper: where a point of one side lies on the
     *  other. */
    public Affine insideToOutside(Turning turning) {
        return aboutUprightLine(width, height, turning)
                ? new Affine(-1, 0, 0, 1, width, 0)
                : new Affine(1, 0, 0, -1, 0, height);
    }
}
