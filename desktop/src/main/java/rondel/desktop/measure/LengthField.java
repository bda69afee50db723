package rondel.desktop.measure;

import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import rondel.desktop.app.Notices;
import rondel.units.LengthFormat;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** A field that shows a length and takes one: any unit, fractions, sums. Enter or leaving it makes it so, Escape does not. */
final class LengthField extends TextField {

    private final Supplier<LengthUnit> unit;
    private final Notices notices;
    private String shown = "";

    /** @param typed hears of a new length in mm */
    LengthField(String id, String name, Supplier<LengthUnit> unit, Notices notices, DoubleConsumer typed) {
        this.unit = unit;
        this.notices = notices;
        setId(id);
        setAccessibleText(name);
        setTooltip(new Tooltip(name));
        setPrefColumnCount(6);
        getStyleClass().add("length-field");
        setOnAction(e -> commit(typed));
        focusedProperty().addListener((o, before, now) -> {
            if (now) {
                selectAll();
            } else {
                commit(typed);
            }
        });
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                setText(shown);
                getParent().requestFocus();
                e.consume();
            }
        });
    }

    void show(OptionalDouble mm) {
        shown = mm.isPresent() ? LengthFormat.withUnit(mm.getAsDouble(), unit.get()) : "";
        getStyleClass().remove("wrong");
        setText(shown);
        setDisable(mm.isEmpty());
    }

    private void commit(DoubleConsumer typed) {
        String text = getText();
        if (text.equals(shown) || isDisabled()) {
            return;
        }
        try {
            double mm = LengthParser.mm(text, unit.get());
            shown = text;
            typed.accept(mm);
        } catch (Refusal e) {
            if (!getStyleClass().contains("wrong")) {
                getStyleClass().add("wrong");
            }
            notices.refuse(e.getMessage());
        }
    }
}
