package rondel.units;

import rondel.words.Decimals;

/** Lengths as people read them: always with a unit, and with enough decimals to be exact for their hands. */
public final class LengthFormat {

    private LengthFormat() {}

    /** For example {@code 2.750 in}. */
    public static String withUnit(double mm, LengthUnit unit) {
        return number(mm, unit) + " " + unit.symbol();
    }

    /** For example {@code 2.750}, or {@code 2,750} in a language that writes it so; never {@code -0.000}. */
    public static String number(double mm, LengthUnit unit) {
        return Decimals.of(unit.fromMm(mm), unit.decimals());
    }

    /** Two sides with the unit once: {@code 4.000 × 6.000 in}. */
    public static String size(double width, double height, LengthUnit unit) {
        return number(width, unit) + " × " + withUnit(height, unit);
    }
}
