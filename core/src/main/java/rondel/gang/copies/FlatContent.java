package rondel.gang.copies;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import rondel.gang.fold.Face;
import rondel.gang.fold.FlatPaper;
import rondel.gang.fold.Fold;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.FaceName;
import rondel.job.Folding;
import rondel.job.GroupElement;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.RoleLook;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;

/** One side of a folded thing laid flat: copies of its designs on its faces, each shown on its own face and in the bleed only, and lines to
 *  score along the folds. */
public final class FlatContent {

    /** How far art is shown beyond the edge of the paper, in mm: more than any bleed. */
    private static final double BLEED = 10;

    /** How far the art of one door goes on where the other begins, in mm. */
    private static final double DOOR_BLEED = 3;

    /** Sizes that differ by less are the same, in mm. */
    private static final double NEAR = 1;

    /** A score line's width where it is shown, in mm. */
    private static final double LINE = 0.25;

    private final Function<Design, CopyContent> contents;

    FlatContent(Function<Design, CopyContent> contents) {
        this.contents = contents;
    }

    CopyContent of(Design.Flat flat) {
        FlatPaper paper = paper(flat);
        Box all = new Box(0, 0, paper.width(), paper.height());
        List<Face> faces = flat.side() == Design.Flat.Side.OUTSIDE ? paper.outside() : paper.inside();
        List<Element> elements = new ArrayList<>();
        if (flat.side() != Design.Flat.Side.OUTSIDE) {
            flat.faces().stream()
                    .filter(f -> f.face() == FaceName.INSIDE)
                    .findFirst()
                    .ifPresent(f -> elements.add(spread(flat, f.design(), all)));
        }
        for (Face face : faces) {
            design(flat, face.name()).ifPresent(d -> elements.add(onFace(d, face, all)));
        }
        if (flat.side() == Design.Flat.Side.OUTSIDE && flat.folding().score() == Folding.Score.LINE) {
            paper.folds().forEach(f -> elements.add(score(f)));
        }
        return DesignContents.about(elements, Optional.empty(), all);
    }

    /** The paper of a flat design, laid out for its side. */
    public static FlatPaper paper(Design.Flat flat) {
        Folding f = flat.folding();
        boolean upright = uprightFold(f.kind());
        boolean axis = (flat.side() == Design.Flat.Side.INSIDE_ON_ITS_HEAD) != upright;
        return FlatPaper.about(f.kind(), f.width(), f.height(), axis);
    }

    /** The face that a single inside design is meant for: one as large as the closed thing stands where it is read first, a larger one across
     *  the folds. */
    public static FaceName insideFace(Folding.Kind kind, double closedWidth, double closedHeight, Box design) {
        boolean closed =
                Math.abs(design.width() - closedWidth) < NEAR && Math.abs(design.height() - closedHeight) < NEAR;
        if (!closed) {
            return FaceName.INSIDE;
        }
        return switch (kind) {
            case TAG -> FaceName.INSIDE;
            case HALF_SIDE -> FaceName.INSIDE_RIGHT;
            case HALF_TOP -> FaceName.INSIDE_BOTTOM;
            case GATE, TRI_FOLD -> FaceName.INSIDE_MIDDLE;
        };
    }

    /** Whether a thing is folded along upright lines. */
    public static boolean uprightFold(Folding.Kind kind) {
        return kind != Folding.Kind.TAG && kind != Folding.Kind.HALF_TOP;
    }

    private static Optional<Design> design(Design.Flat flat, FaceName name) {
        Optional<Design> own = flat.faces().stream()
                .filter(f -> f.face() == name)
                .map(Design.FaceDesign::design)
                .findFirst();
        boolean door = name == FaceName.FRONT_LEFT || name == FaceName.FRONT_RIGHT;
        return own.isPresent() || !door ? own : design(flat, FaceName.FRONT);
    }

    private Element spread(Design.Flat flat, Design design, Box all) {
        double turn = flat.side() == Design.Flat.Side.INSIDE_ON_ITS_HEAD ? 180 : 0;
        Affine place = Affine.translate(all.centre().x(), all.centre().y()).times(Affine.rotate(turn));
        return copy(design, place);
    }

    private CopyElement copy(Design design, Affine place) {
        return new CopyElement(Traits.named("").withPlacement(place), design, contents.apply(design), Optional.empty());
    }

    private Element onFace(Design design, Face face, Box all) {
        CopyContent content = contents.apply(design);
        // A gate's front is one design across two doors: each shows its half.
        double across =
                switch (face.name()) {
                    case FRONT_LEFT -> content.box().width() > face.width() * 1.5 ? face.width() : face.width() / 2;
                    case FRONT_RIGHT -> content.box().width() > face.width() * 1.5 ? 0 : face.width() / 2;
                    default -> face.width() / 2;
                };
        Affine place = face.toPage().times(Affine.translate(across, face.height() / 2));
        Box own = new Box(0, 0, face.width(), face.height()).transformed(face.toPage());
        boolean door = face.name() == FaceName.FRONT_LEFT || face.name() == FaceName.FRONT_RIGHT;
        double bleed = door ? DOOR_BLEED : BLEED;
        double left = own.x() - (own.x() < all.x() + 1e-6 ? bleed : 0);
        double top = own.y() - (own.y() < all.y() + 1e-6 ? bleed : 0);
        double right = own.right() + (own.right() > all.right() - 1e-6 ? bleed : 0);
        double bottom = own.bottom() + (own.bottom() > all.bottom() - 1e-6 ? bleed : 0);
        return new GroupElement(
                Traits.named(""),
                List.of(copy(design, place)),
                Optional.of(new Clip(Outline.rectangle(Box.between(left, top, right, bottom)), FillRule.NON_ZERO)),
                Optional.empty());
    }

    private static Element score(Fold fold) {
        return new ShapeElement(
                Traits.named("").withRole(Role.SCORE),
                new OutlineBuilder()
                        .moveTo(fold.from().x(), fold.from().y())
                        .lineTo(fold.to().x(), fold.to().y())
                        .build(),
                FillRule.NON_ZERO,
                Paint.NONE,
                Optional.of(Stroke.plain(RoleLook.usual(Role.SCORE).colour(), LINE)));
    }
}
