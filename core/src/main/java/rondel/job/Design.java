package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.fields.LeftOut;
import rondel.fields.Mm;

/** What a copy stands for. The copy shows it as it is now, wherever it was made; only its place is the copy's own. */
public sealed interface Design {

    /** The designs that this one is made of itself. */
    default List<Design> parts() {
        return List.of();
    }

    /** Whether it is a piece of paper as large as its box, whatever is printed on it. */
    default boolean isPaper() {
        return false;
    }

    /** This design without regard to what lies beside it. */
    default Design alone() {
        return this;
    }

    /** What is folded, where this is a side of something folded. */
    default Optional<Flat> folded() {
        return alone() instanceof Flat flat ? Optional.of(flat) : Optional.empty();
    }

    /** This design and all it is made of. */
    default Stream<Design> everything() {
        return Stream.concat(Stream.of(this), parts().stream().flatMap(Design::everything));
    }

    /** An element, with all that is in it. */
    record Whole(ElementId element) implements Design {}

    /** What falls off the cutter as one: an outline, and all of its siblings that lie inside it. */
    record Piece(ElementId outline) implements Design {}

    /** All of a sheet, as far as its bleed. */
    record Page(SheetId sheet) implements Design {
        @Override
        public boolean isPaper() {
            return true;
        }
    }

    /** One side of something folded, laid flat.
     *
     * @param faces what is on each face; a face that is not named is empty
     * @param side of the paper */
    record Flat(
            Folding folding,
            List<FaceDesign> faces,
            @LeftOut("outside") Side side) implements Design {

        /** A side of the paper. */
        public enum Side {
            OUTSIDE,
            INSIDE,
            /** The inside, printed on its head, as the printer turns the paper the other way than who opens it. */
            INSIDE_ON_ITS_HEAD
        }

        public Flat {
            faces = List.copyOf(faces);
        }

        @Override
        public boolean isPaper() {
            return true;
        }

        @Override
        public List<Design> parts() {
            return faces.stream().map(FaceDesign::design).toList();
        }

        /** Another side of the same. */
        public Flat onSide(Side other) {
            return new Flat(folding, faces, other);
        }
    }

    /** A design with its blanks filled in from one row of a list.
     *
     * @param row from 0 */
    record Row(Design template, NameListId list, int row) implements Design {
        @Override
        public boolean isPaper() {
            return template.isPaper();
        }

        @Override
        public List<Design> parts() {
            return List.of(template);
        }
    }

    /** A design among close neighbours.
     *
     * @param room how far what it prints may reach beyond its box, in mm: farther is the neighbour's
     * @param bare whether straight cut lines around its box are left out, as they are cut together with the neighbours' */
    record InRows(
            Design of, @Mm double room, @LeftOut("false") boolean bare) implements Design {

        /** Farther than anything is printed, in mm. */
        public static final double NO_LIMIT = 10_000;

        @Override
        public Design alone() {
            return of.alone();
        }

        @Override
        public boolean isPaper() {
            return of.isPaper();
        }

        @Override
        public List<Design> parts() {
            return List.of(of);
        }
    }

    /** A design on a face of something folded. */
    record FaceDesign(FaceName face, Design design) {}
}
