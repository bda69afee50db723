package rondel.desktop.field;

import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import rondel.desktop.look.ChoiceNames;
import rondel.words.Words;

/** Labelled fields, each of which changes something at once. */
@SuppressWarnings("this-escape") // its own children only
public abstract class LabelledFields extends VBox {

    /** A choice with words of more letters than this has no room beside its label. */
    private static final int LONG = 13;

    private final GridPane grid = new GridPane(8, 6);
    private boolean showing;
    private int rows;

    protected LabelledFields() {
        super(8);
        LabelColumns.of(grid);
        getChildren().add(grid);
    }

    /** Shows what there is; what is shown changes nothing. */
    protected final void showing(Runnable show) {
        showing = true;
        show.run();
        showing = false;
    }

    protected final void row(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        field.setAccessibleText(Words.of(key));
        grid.addRow(rows++, label, field);
        label.visibleProperty().bind(field.visibleProperty());
        label.managedProperty().bind(field.visibleProperty());
        field.managedProperty().bind(field.visibleProperty());
    }

    /** A field whose words may be long, below its label. */
    protected final void longRow(String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        VBox both = new VBox(2, label, field);
        both.visibleProperty().bind(field.visibleProperty());
        wide(both);
    }

    protected final void wide(Node field) {
        grid.add(field, 0, rows++, 2, 1);
        field.managedProperty().bind(field.visibleProperty());
    }

    protected final FigureField figure(String id, String key, Figure figure, DoubleConsumer typed) {
        FigureField field = new FigureField(id, Words.of(key), figure, v -> {
            if (!showing) {
                typed.accept(v);
            }
        });
        field.setPrefColumnCount(7);
        row(key, field);
        return field;
    }

    protected final <T> ChoiceBox<T> choice(
            String id, String key, T[] values, Function<T, String> word, Consumer<T> chosen) {
        ChoiceBox<T> box = new ChoiceBox<>();
        box.setId(id);
        box.getItems().setAll(values);
        box.setConverter(new ChoiceNames<>(word));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> {
            if (!showing && box.getValue() != null) {
                chosen.accept(box.getValue());
            }
        });
        boolean isLong = Arrays.stream(values).map(word).anyMatch(w -> w.length() > LONG);
        if (isLong) {
            longRow(key, box);
        } else {
            row(key, box);
        }
        return box;
    }

    protected final CheckBox check(String id, String key, Consumer<Boolean> chosen) {
        CheckBox box = new CheckBox(Words.of(key));
        box.setId(id);
        box.setOnAction(e -> {
            if (!showing) {
                chosen.accept(box.isSelected());
            }
        });
        wide(box);
        return box;
    }
}
