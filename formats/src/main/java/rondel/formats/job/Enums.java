package rondel.formats.job;

import java.util.Locale;
import rondel.units.LengthUnit;

/** Choices as JSON spells them: lower case, words joined by a hyphen; units by their symbols. */
final class Enums {

    private Enums() {}

    static String word(Enum<?> value) {
        return value instanceof LengthUnit unit
                ? unit.symbol()
                : value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
