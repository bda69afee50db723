package rondel.text;

import java.util.OptionalInt;
import java.util.Set;

/** One glyph of a font.
 *
 * @param number its index in the font
 * @param name as the font calls it, or its number
 * @param codePoint the character that leads to it by itself, where one does */
public record Glyph(int number, String name, OptionalInt codePoint, Set<GlyphKind> kinds) {

    /** Whether it is what a person looks for: by a part of its name, by its character, or by U+ and its code point. */
    public boolean matches(String wanted) {
        String text = wanted.strip();
        if (text.isEmpty()) {
            return true;
        }
        if (text.toLowerCase(java.util.Locale.ROOT).matches("u\\+[0-9a-f]{1,6}")) {
            return codePoint.isPresent() && codePoint.getAsInt() == Integer.parseInt(text.substring(2), 16);
        }
        boolean character = text.codePointCount(0, text.length()) == 1
                && codePoint.isPresent()
                && codePoint.getAsInt() == text.codePointAt(0);
        return character
                || text.length() > 1
                        && name.toLowerCase(java.util.Locale.ROOT).contains(text.toLowerCase(java.util.Locale.ROOT));
    }
}
