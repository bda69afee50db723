package rondel.desktop.field;

import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** The columns of labels with their fields in a side of the window: a label has room for its longest word and goes on in the next row, a field
 *  for its figure. */
public final class LabelColumns {

    /** The room of the longest word of any label, in px. */
    private static final double LEAST_LABEL = 96;

    private static final double MOST_LABEL = 128;

    /** The room that a field keeps where its label is long, in px. */
    private static final double LEAST_FIELD = 92;

    private LabelColumns() {}

    public static void of(GridPane grid) {
        ColumnConstraints labels = new ColumnConstraints();
        labels.setMinWidth(LEAST_LABEL);
        labels.setMaxWidth(MOST_LABEL);
        ColumnConstraints fields = new ColumnConstraints();
        fields.setHgrow(Priority.ALWAYS);
        fields.setFillWidth(true);
        fields.setMinWidth(LEAST_FIELD);
        grid.getColumnConstraints().setAll(labels, fields);
    }
}
