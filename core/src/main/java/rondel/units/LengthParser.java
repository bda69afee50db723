package rondel.units;

import java.util.Locale;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import rondel.words.Refusal;

/**
 * Reads what people type for a length: {@code 3 5/8 in}, {@code 8.5in/3 - 2mm}, {@code (1+1/2)"}, {@code 7,5 mm}, {@code ½ in}.
 * Grammar: sums of products of numbers and brackets, each with a unit or none; a number without one is in the unit given
 * to {@link #mm}, unless it multiplies or divides a length.
 */
public final class LengthParser {

    private static final Pattern NUMBER =
            Pattern.compile("(?<whole>\\d+)\\s+(?<num>\\d+)\\s*/\\s*(?<den>\\d+)(?![\\d.,])"
                    + "|(?<fnum>\\d+)\\s*/\\s*(?<fden>\\d+)(?![\\d.,])(?=\\s*(in|\"|″|mm|cm|pt))"
                    + "|(?<dec>\\d{1,3}(?:,\\d{3})+\\.\\d+|\\d{1,3}(?:\\.\\d{3})+,\\d+"
                    + "|(?:\\d*[.,])?\\d+(?:[eE][+-]?\\d+)?|\\d+[.,])(?![\\d.,])");
    private static final Pattern UNIT = Pattern.compile("(?i)inches|inch|in|mm|cm|pt|\"|″");
    /** Lengths are kept to a millionth of a micron, so that 12 in are 304.8 mm and not 304.79999999999995. */
    private static final double GRID = 1e9;

    private static final String VULGAR = "½1/2 ¼1/4 ¾3/4 ⅛1/8 ⅜3/8 ⅝5/8 ⅞7/8 ⅓1/3 ⅔2/3";

    /** What is typed is said again up to so many characters. */
    private static final int LONGEST_SAID = 60;

    /** Brackets and signs that stand in each other: nobody types more. */
    private static final int DEEPEST = 40;

    /** A number and the power of length it carries: 0 for a bare number, 1 for a length. */
    private record Quantity(double value, int power) {}

    private final String text;
    private final LengthUnit bare;
    private int at;
    private int depth;

    private LengthParser(String text, LengthUnit bare) {
        this.text = text;
        this.bare = bare;
    }

    /** The length in mm.
     *
     * @throws Refusal if the text is no length, or not a finite one */
    public static double mm(String typed, LengthUnit bare) {
        String text = typed.strip();
        for (String vulgar : VULGAR.split(" ")) {
            text = text.replace(vulgar.substring(0, 1), " " + vulgar.substring(1) + " ");
        }
        text = text.replace('−', '-').replace('×', '*').replace('÷', '/').strip();
        LengthParser parser = new LengthParser(text, bare);
        Quantity q = parser.length(parser.sum());
        parser.skip();
        if (parser.at < text.length() || !Double.isFinite(q.value)) {
            throw unreadable(typed);
        }
        return Math.rint(q.value * GRID) / GRID;
    }

    /** A number that is no length, as an angle is: fractions and sums, without units.
     *
     * @throws Refusal if the text is no number, or not a finite one */
    public static double number(String typed) {
        LengthParser parser = new LengthParser(typed.strip().replace('−', '-'), LengthUnit.MM);
        Quantity q = parser.sum();
        parser.skip();
        if (parser.at < parser.text.length() || q.power != 0 || !Double.isFinite(q.value)) {
            throw Refusal.of("number.unreadable", typed.strip());
        }
        return q.value;
    }

    private Quantity length(Quantity q) {
        if (q.power == 0) {
            return new Quantity(bare.toMm(q.value), 1);
        }
        if (q.power != 1) {
            throw unreadable();
        }
        return q;
    }

    private Quantity sum() {
        if (++depth > DEEPEST) {
            throw unreadable();
        }
        Quantity left = product();
        for (; ; ) {
            OptionalInt sign = next("+-");
            if (sign.isEmpty()) {
                depth--;
                return left;
            }
            Quantity right = product();
            int factor = sign.getAsInt() == '-' ? -1 : 1;
            if (left.power == right.power) {
                left = new Quantity(left.value + factor * right.value, left.power);
            } else {
                left = new Quantity(length(left).value + factor * length(right).value, 1);
            }
        }
    }

    private Quantity product() {
        Quantity left = factor();
        for (; ; ) {
            OptionalInt operator = next("*/");
            if (operator.isEmpty()) {
                return left;
            }
            Quantity right = factor();
            left = operator.getAsInt() == '*'
                    ? new Quantity(left.value * right.value, left.power + right.power)
                    : new Quantity(left.value / right.value, left.power - right.power);
        }
    }

    private Quantity factor() {
        OptionalInt sign = next("+-");
        if (sign.isPresent()) {
            if (++depth > DEEPEST) {
                throw unreadable();
            }
            Quantity q = factor();
            depth--;
            return sign.getAsInt() == '-' ? new Quantity(-q.value, q.power) : q;
        }
        double value;
        if (next("(").isPresent()) {
            Quantity inner = sum();
            if (next(")").isEmpty()) {
                throw unreadable();
            }
            if (inner.power != 0) {
                return inner;
            }
            value = inner.value;
        } else {
            value = number();
        }
        skip();
        Matcher unit = UNIT.matcher(text).region(at, text.length());
        if (!unit.lookingAt()) {
            return new Quantity(value, 0);
        }
        at = unit.end();
        return new Quantity(LengthUnit.ofSymbol(unit.group()).orElseThrow().toMm(value), 1);
    }

    private double number() {
        skip();
        Matcher m = NUMBER.matcher(text).region(at, text.length());
        m.useTransparentBounds(true);
        if (!m.lookingAt()) {
            throw unreadable();
        }
        at = m.end();
        if (m.group("whole") != null) {
            return Double.parseDouble(m.group("whole")) + fraction(m.group("num"), m.group("den"));
        }
        if (m.group("fnum") != null) {
            return fraction(m.group("fnum"), m.group("fden"));
        }
        return Double.parseDouble(decimal(m.group("dec")).toLowerCase(Locale.ROOT));
    }

    /** With a point before its decimals and nothing between its thousands: of two signs the last one is the decimal one. */
    private static String decimal(String number) {
        int last = Math.max(number.lastIndexOf('.'), number.lastIndexOf(','));
        return last < 0 ? number : number.substring(0, last).replaceAll("[.,]", "") + "." + number.substring(last + 1);
    }

    private double fraction(String numerator, String denominator) {
        double den = Double.parseDouble(denominator);
        if (den == 0) {
            throw unreadable();
        }
        return Double.parseDouble(numerator) / den;
    }

    private OptionalInt next(String wanted) {
        skip();
        if (at < text.length() && wanted.indexOf(text.charAt(at)) >= 0) {
            return OptionalInt.of(text.charAt(at++));
        }
        return OptionalInt.empty();
    }

    private void skip() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    private static Refusal unreadable(String typed) {
        String said = typed.strip();
        return Refusal.of(
                "length.unreadable", said.length() > LONGEST_SAID ? said.substring(0, LONGEST_SAID) + "…" : said);
    }

    private Refusal unreadable() {
        return unreadable(text);
    }
}
