package rondel.desktop.model;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import rondel.geometry.Box;
import rondel.job.Extent;
import rondel.job.Located;

/** The box that handles sit on: along a single element's own sides, upright around several. */
public final class SelectionBox {

    private SelectionBox() {}

    public static Optional<Extent.TurnedBox> of(List<Located> selected) {
        if (selected.size() == 1) {
            Located one = selected.getFirst();
            return Extent.turned(one.element(), one.toSheet(), one.ownToSheet().rotation());
        }
        return upright(selected).map(b -> new Extent.TurnedBox(b.centre(), b.width(), b.height(), 0));
    }

    /** The axis-aligned box on the sheet. */
    public static Optional<Box> upright(List<Located> selected) {
        return Box.around(selected.stream()
                .map(l -> Extent.onSheet(l).orElse(null))
                .filter(Objects::nonNull)
                .toList());
    }
}
