package rondel.formats.svg;

import java.util.Locale;
import java.util.Optional;

/** Lengths of SVG and CSS in px of 1/96 in. */
final class SvgLength {

    private SvgLength() {}

    /** The length in px, or nothing where the text is none.
     *
     * @param whole what 100 % is
     * @param em the font size in px
     * @throws Numbers.NotFinite if it overflows or says it is no number */
    static Optional<Double> px(String text, double whole, double em) {
        if (NotANumber.startsWith(text)) {
            throw new Numbers.NotFinite(text);
        }
        Numbers in = new Numbers(text);
        double value;
        try {
            if (!in.startsNumber()) {
                return Optional.empty();
            }
            value = in.next();
        } catch (Numbers.NotFinite e) {
            throw e;
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
        return factor(in.rest().strip(), whole, em).map(f -> value * f);
    }

    private static Optional<Double> factor(String unit, double whole, double em) {
        return switch (unit.toLowerCase(Locale.ROOT)) {
            case "", "px" -> Optional.of(1.0);
            case "%" -> Optional.of(whole / 100);
            case "in" -> Optional.of(96.0);
            case "cm" -> Optional.of(96 / 2.54);
            case "mm" -> Optional.of(96 / 25.4);
            case "q" -> Optional.of(96 / 101.6);
            case "pt" -> Optional.of(96 / 72.0);
            case "pc" -> Optional.of(16.0);
            case "em" -> Optional.of(em);
            case "rem" -> Optional.of(16.0);
            case "ex", "ch" -> Optional.of(em / 2);
            default -> Optional.empty();
        };
    }

    static double fontSize(String text, double inherited) {
        return switch (text) {
            case "xx-small" -> 9;
            case "x-small" -> 10;
            case "small" -> 13;
            case "medium" -> 16;
            case "large" -> 18;
            case "x-large" -> 24;
            case "xx-large" -> 32;
            case "smaller" -> inherited / 1.2;
            case "larger" -> inherited * 1.2;
            default -> px(text, inherited, inherited).orElse(inherited);
        };
    }
}
