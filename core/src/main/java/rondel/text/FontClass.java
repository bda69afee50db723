package rondel.text;

import java.util.Locale;

/** What kind of letters a font has, as people look for it: told by its OS/2 table (IBM font class, then PANOSE; OpenType 1.9, "OS/2"),
 *  and where that says nothing by its name. */
public enum FontClass {
    SERIF,
    SANS,
    SCRIPT,
    HAND,
    SYMBOLS;

    private static final int FAMILY_CLASS = 30;
    private static final int PANOSE = 32;

    /** The kind of a face; sans where nothing tells. */
    public static FontClass of(FontFace face) {
        byte[] os2 = face.table("OS/2");
        FontClass told = os2.length > PANOSE + 2 ? told(os2) : null;
        FontClass named = named(face.family().toLowerCase(Locale.ROOT));
        // A script or hand that says so in its name is one, whatever its maker left in the table.
        if (named == SCRIPT || named == HAND || named == SYMBOLS) {
            return named;
        }
        return told != null ? told : named == null ? SANS : named;
    }

    private static FontClass told(byte[] os2) {
        int kind = os2[PANOSE];
        int serifs = os2[PANOSE + 1];
        FontClass byClass =
                switch (os2[FAMILY_CLASS]) {
                    case 1, 2, 3, 4, 5, 7 -> SERIF;
                    case 8 -> SANS;
                    case 10 -> SCRIPT;
                    case 12 -> SYMBOLS;
                    default -> null;
                };
        if (byClass != null) {
            return byClass;
        }
        return switch (kind) {
            case 2 -> serifs >= 11 ? SANS : serifs >= 2 ? SERIF : null;
            case 3 -> HAND;
            case 5 -> SYMBOLS;
            default -> null;
        };
    }

    private static FontClass named(String family) {
        if (has(family, "symbol", "emoji", "dingbat", "icons", "ornament")) {
            return SYMBOLS;
        }
        if (has(family, "script", "vibes", "calligra", "chancery", "playball")) {
            return SCRIPT;
        }
        if (has(family, "hand", "caveat", "marker", "pencil", "brush", "writing")) {
            return HAND;
        }
        if (has(family, "sans", "grotesk", "gothic")) {
            return SANS;
        }
        return has(family, "serif", "slab", "garamond", "roman", "times") ? SERIF : null;
    }

    private static boolean has(String name, String... parts) {
        for (String part : parts) {
            if (name.contains(part)) {
                return true;
            }
        }
        return false;
    }
}
