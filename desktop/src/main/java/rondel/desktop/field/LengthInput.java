package rondel.desktop.field;

import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.function.Supplier;
import rondel.units.LengthUnit;

/** A field for a length in a form, whose unit may change. */
public final class LengthInput extends FigureField {

    private final AtomicReference<LengthUnit> unit;

    /** For any length. */
    public LengthInput(String id) {
        this(id, new AtomicReference<>(LengthUnit.MM), Figure::length);
    }

    /** For a length above 0. */
    public static LengthInput ofSize(String id) {
        return new LengthInput(id, new AtomicReference<>(LengthUnit.MM), Figure::size);
    }

    private LengthInput(String id, AtomicReference<LengthUnit> unit, Function<Supplier<LengthUnit>, Figure> figure) {
        super(id, figure.apply(unit::get));
        this.unit = unit;
    }

    public void show(double mm, LengthUnit in) {
        unit.set(in);
        show(mm);
    }

    /** The length in mm.
     *
     * @throws rondel.words.Refusal if what was typed is no length */
    public double mm(LengthUnit in) {
        unit.set(in);
        return value();
    }
}
