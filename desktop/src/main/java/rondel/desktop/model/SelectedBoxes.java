package rondel.desktop.model;

import java.util.List;
import java.util.Optional;
import rondel.job.Extent;
import rondel.job.Located;

/** The boxes that a selection is shown by: one around all of it, and one around each member where there are several, but not
 *  so many that they would only be a tangle. */
public record SelectedBoxes(Optional<Extent.TurnedBox> around, List<Extent.TurnedBox> members) {

    public static final SelectedBoxes NONE = new SelectedBoxes(Optional.empty(), List.of());

    private static final int MOST = 200;

    static SelectedBoxes of(List<Located> selected) {
        List<Extent.TurnedBox> members = selected.size() < 2 || selected.size() > MOST
                ? List.of()
                : selected.stream()
                        .flatMap(l -> SelectionBox.of(List.of(l)).stream())
                        .toList();
        return new SelectedBoxes(SelectionBox.of(selected), members);
    }
}
