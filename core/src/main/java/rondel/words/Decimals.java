package rondel.words;

import java.text.DecimalFormatSymbols;
import java.util.Locale;

/** Numbers as people read them: with the decimal sign of their language, and no signs between thousands. */
public final class Decimals {

    private Decimals() {}

    /** For example {@code 2.750}, or {@code 2,750} where that is the sign; never {@code -0.000}.
     *
     * @param decimals so many are written, 0 to 12 */
    public static String of(double value, int decimals) {
        double step = Math.pow(10, decimals);
        double rounded = Math.rint(value * step) / step + 0.0;
        return written(String.format(Locale.ROOT, "%." + decimals + "f", rounded));
    }

    /** With as many decimals as there are, at most {@code most}: {@code 3}, {@code 2.5}. */
    public static String plain(double value, int most) {
        double step = Math.pow(10, most);
        double rounded = Math.rint(value * step) / step + 0.0;
        return rounded == Math.rint(rounded) && Math.abs(rounded) < Long.MAX_VALUE
                ? Long.toString((long) rounded)
                : written(Double.toString(rounded));
    }

    /** A number as Java writes it, with the decimal sign of the words. */
    static String written(String number) {
        return number.replace(
                '.', DecimalFormatSymbols.getInstance(Words.language()).getDecimalSeparator());
    }
}
