package rondel.desktop.dialog;

import javafx.scene.control.TextField;
import rondel.units.LengthFormat;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;

/** A field for a length in a dialog. What is left as it was shown stays exactly what it was, however it was rounded. */
public final class LengthInput extends TextField {

    private double shown;
    private String shownAs = "";

    public LengthInput(String id) {
        setId(id);
        setPrefColumnCount(10);
    }

    public void show(double mm, LengthUnit unit) {
        shown = mm;
        shownAs = LengthFormat.withUnit(mm, unit);
        setText(shownAs);
    }

    /** The length in mm.
     *
     * @throws rondel.words.Refusal if what was typed is no length */
    public double mm(LengthUnit unit) {
        return getText().equals(shownAs) ? shown : LengthParser.mm(getText(), unit);
    }
}
