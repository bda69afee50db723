package rondel.cli;

import java.util.Locale;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.geometry.Point;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** Two lengths as they were typed: {@code 12x12in}, {@code 5 in x 7 in}, or with a comma or a semicolon for a place: {@code 10mm,1in}, {@code 10,5mm;1in}. A unit of one
 *  alone holds for both. */
record TypedSize(TypedLength across, TypedLength down) {

    /** Whether either says its unit. */
    boolean hasUnit() {
        return across.hasUnit() || down.hasUnit();
    }

    /** In mm.
     *
     * @param unit of both, where neither says its own */
    Point mm(LengthUnit unit) {
        return new Point(with(across, down).mm(unit), with(down, across).mm(unit));
    }

    /** A length with the other's unit, where it has none of its own. */
    private static TypedLength with(TypedLength own, TypedLength other) {
        if (own.hasUnit() || !other.hasUnit()) {
            return own;
        }
        String unit = other.text().replaceAll("^.*?([a-zA-Z\"″'′]+)\\s*$", "$1");
        return new TypedLength("(" + own.text() + ") " + unit);
    }

    /** Refuses what are no two lengths at once. */
    static final class Converter implements ITypeConverter<TypedSize> {
        @Override
        public TypedSize convert(String text) {
            String typed = text.toLowerCase(Locale.ROOT);
            // A comma parts them only where nothing else does: it may be a decimal one.
            boolean parted = typed.matches(".*[x×;].*");
            String[] parts = typed.split(parted ? "\\s*[x×;]\\s*" : "\\s*,\\s*");
            if (parts.length != 2) {
                throw new TypeConversionException(Words.of("cli.notTwoLengths", text));
            }
            try {
                for (String part : parts) {
                    LengthParser.mm(part, LengthUnit.MM);
                }
                TypedSize size = new TypedSize(new TypedLength(parts[0]), new TypedLength(parts[1]));
                size.mm(LengthUnit.MM);
                return size;
            } catch (Refusal e) {
                throw new TypeConversionException(e.getMessage());
            }
        }
    }
}
