package rondel.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** A length with a unit, or in mm without one. */
final class LengthConverter implements ITypeConverter<Double> {

    @Override
    public Double convert(String text) {
        try {
            return LengthParser.mm(text, LengthUnit.MM);
        } catch (Refusal e) {
            throw new TypeConversionException(e.getMessage());
        }
    }
}
