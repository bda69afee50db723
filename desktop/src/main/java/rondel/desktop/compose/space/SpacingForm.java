package rondel.desktop.compose.space;

import java.util.List;
import java.util.Optional;
import rondel.compose.spacing.SetGaps;
import rondel.compose.spacing.SetGrid;
import rondel.compose.spacing.SpreadAcross;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.operation.Operation;
import rondel.words.Words;

/** How a person wants several things spaced; lengths in mm.
 *
 * @param gap between columns, or along the row or column
 * @param rowGap between the rows of a grid
 * @param length of what they are spread over, from where the first of them begins */
public record SpacingForm(Layout way, double gap, double rowGap, int columns, double length) {

    /** The ways to space things out. */
    public enum Layout {
        ROW,
        COLUMN,
        GRID,
        ACROSS,
        DOWN;

        @Override
        public String toString() {
            return Words.of("space.way." + name());
        }
    }

    /** @param box around the elements as they stand */
    public Operation operation(List<ElementId> ids, Box box) {
        return switch (way) {
            case ROW -> new SetGaps(ids, Axis.HORIZONTAL, gap, Optional.empty());
            case COLUMN -> new SetGaps(ids, Axis.VERTICAL, gap, Optional.empty());
            case GRID -> new SetGrid(ids, columns, gap, rowGap);
            case ACROSS -> new SpreadAcross(ids, Axis.HORIZONTAL, box.x(), length);
            case DOWN -> new SpreadAcross(ids, Axis.VERTICAL, box.y(), length);
        };
    }
}
