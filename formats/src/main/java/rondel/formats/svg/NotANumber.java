package rondel.formats.svg;

import java.util.Locale;

/** The ways in which programs write numbers that are none. */
final class NotANumber {

    private NotANumber() {}

    static boolean startsWith(String text) {
        String t = text.strip().toLowerCase(Locale.ROOT);
        if (t.startsWith("-") || t.startsWith("+") || t.startsWith(",")) {
            t = t.substring(1).strip();
        }
        return t.startsWith("nan") || t.startsWith("inf") || t.startsWith("1.#");
    }
}
