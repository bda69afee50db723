package rondel.desktop.model;

import java.util.Optional;
import rondel.spacing.Gaps;
import rondel.spacing.Neighbourhood;

/** The selection among what is beside it, and the gaps between: measured once for each change, as frames of a pan only move
 *  what is there. */
public record Surroundings(Neighbourhood around, Gaps gaps) {

    /** Nothing where nothing that takes room is selected. */
    static Optional<Surroundings> of(Bench bench) {
        return SelectionBox.upright(bench.selected())
                .map(box -> new Neighbourhood(
                        box,
                        Neighbourhood.others(bench.level(), bench.levelToSheet(), bench.selection()),
                        bench.sheet()))
                .map(around -> new Surroundings(around, around.gaps()));
    }
}
