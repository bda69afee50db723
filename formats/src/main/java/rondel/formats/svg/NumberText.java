package rondel.formats.svg;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as SVG writes them: as short as they can be, and the same again when they are read and written once more. */
final class NumberText {

    private NumberText() {}

    /** Every digit that a double needs. */
    static String exact(double v) {
        if (v == Math.rint(v) && Math.abs(v) < 1e15) {
            return Long.toString((long) v);
        }
        return Double.toString(v).replace('E', 'e');
    }

    static String rounded(double v, int decimals) {
        if (v == Math.rint(v) && Math.abs(v) < 1e15) {
            return Long.toString((long) v);
        }
        BigDecimal r = new BigDecimal(v).setScale(decimals, RoundingMode.HALF_EVEN);
        return r.signum() == 0 ? "0" : r.stripTrailingZeros().toPlainString();
    }

    /** How many decimals keep a number within 0.00001 mm once it is scaled by {@code scale}. */
    static int decimals(double scale) {
        double needed = Math.ceil(5 + Math.log10(Math.max(scale, 1e-9)));
        return (int) Math.min(15, Math.max(3, needed));
    }
}
