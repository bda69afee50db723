package rondel.desktop.model;

import java.util.List;
import java.util.Optional;
import rondel.compose.spacing.Gaps;
import rondel.compose.spacing.Neighbourhood;
import rondel.job.Located;

/** The selection among what is beside it, and the gaps between. */
public record Surroundings(Neighbourhood around, Gaps gaps) {

    /** Nothing where nothing that takes room is selected. */
    static Optional<Surroundings> of(List<Located> selected, SelectionFacts.Of of) {
        return SelectionBox.upright(selected)
                .map(box -> new Neighbourhood(
                        box, Neighbourhood.others(of.level(), of.levelToSheet(), of.selection()), of.sheet()))
                .map(around -> new Surroundings(around, around.gaps()));
    }
}
