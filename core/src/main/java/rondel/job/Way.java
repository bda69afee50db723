package rondel.job;

import java.util.Optional;
import rondel.fields.LeftOut;

/** How copies are laid out. */
public sealed interface Way {

    /** In rows, by boxes.
     *
     * @param order in which the designs take the places
     * @param cutting what is cut */
    record Rows(
            RowSettings settings,
            @LeftOut("across") Order order,
            @LeftOut("own") Cutting cutting) implements Way {

        public static final Rows PLAIN = new Rows(RowSettings.USUAL, Order.ACROSS, Cutting.OWN);
    }

    /** As close as their true shapes allow.
     *
     * @param found what has been found so far; nothing where the search is still to be made */
    record Nest(NestSettings settings, Optional<NestResult> found) implements Way {}

    /** In which order designs take the places in rows. */
    enum Order {
        /** Row by row, sheet by sheet. */
        ACROSS,
        /** Place by place through all sheets: cut the stack of sheets, lay the stacks on each other, and all are in order. */
        STACK
    }

    /** What is cut of pieces in rows. */
    enum Cutting {
        /** The lines that the designs have. */
        OWN,
        /** Straight lines around each box; where two pieces meet, once. */
        BOXES
    }
}
