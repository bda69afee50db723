package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** A length as it was typed; without a unit it is in that of the job, which is known only once the job is read. */
record TypedLength(String text) {

    /** In mm.
     *
     * @param unit of what has none */
    double mm(LengthUnit unit) {
        return LengthParser.mm(text, unit);
    }

    /** Whether it says its unit. */
    boolean hasUnit() {
        return !text.matches("[-+0-9.,/() *½¼¾⅓⅔⅛⅜⅝⅞]+");
    }

    /** Refuses what is no length at once. */
    static final class Converter implements ITypeConverter<TypedLength> {
        @Override
        public TypedLength convert(String text) {
            try {
                LengthParser.mm(text, LengthUnit.MM);
                return new TypedLength(text);
            } catch (Refusal e) {
                throw new TypeConversionException(e.getMessage());
            }
        }
    }
}
