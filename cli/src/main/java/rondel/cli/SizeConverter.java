package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.geometry.Point;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** Two lengths: {@code 12x12in}, {@code 5 in x 7 in}, {@code 210x297}, or with a comma for a place: {@code 10mm,1in}. A
 *  unit after the second one alone holds for both. */
final class SizeConverter implements ITypeConverter<Point> {

    @Override
    public Point convert(String text) {
        String[] parts = text.toLowerCase(java.util.Locale.ROOT).split("\\s*[x×,;]\\s*");
        if (parts.length != 2) {
            throw new TypeConversionException(Words.of("cli.notTwoLengths", text));
        }
        try {
            boolean bare = parts[0].matches("[-+0-9./ ]+");
            String unit = bare ? parts[1].replaceAll("^[-+0-9./ ]+", "").strip() : "";
            String first = bare && unit.matches("[a-z\"″]+") ? parts[0] + unit : parts[0];
            return new Point(LengthParser.mm(first, LengthUnit.MM), LengthParser.mm(parts[1], LengthUnit.MM));
        } catch (Refusal e) {
            throw new TypeConversionException(e.getMessage());
        }
    }
}
