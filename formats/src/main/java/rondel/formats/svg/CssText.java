package rondel.formats.svg;

import org.w3c.css.sac.LexicalUnit;

/** A parsed CSS value back as text, in the form that attributes have. */
final class CssText {

    private CssText() {}

    static String of(LexicalUnit first) {
        StringBuilder out = new StringBuilder();
        for (LexicalUnit u = first; u != null; u = u.getNextLexicalUnit()) {
            if (u.getLexicalUnitType() == LexicalUnit.SAC_OPERATOR_COMMA) {
                out.append(',');
            } else {
                if (!out.isEmpty()) {
                    out.append(' ');
                }
                out.append(one(u));
            }
        }
        return out.toString();
    }

    private static String one(LexicalUnit u) {
        return switch (u.getLexicalUnitType()) {
            case LexicalUnit.SAC_INTEGER -> Integer.toString(u.getIntegerValue());
            case LexicalUnit.SAC_REAL -> number(u.getFloatValue());
            case LexicalUnit.SAC_EM,
                    LexicalUnit.SAC_EX,
                    LexicalUnit.SAC_PIXEL,
                    LexicalUnit.SAC_INCH,
                    LexicalUnit.SAC_CENTIMETER,
                    LexicalUnit.SAC_MILLIMETER,
                    LexicalUnit.SAC_POINT,
                    LexicalUnit.SAC_PICA,
                    LexicalUnit.SAC_DIMENSION -> number(u.getFloatValue()) + u.getDimensionUnitText();
            case LexicalUnit.SAC_PERCENTAGE -> number(u.getFloatValue()) + "%";
            case LexicalUnit.SAC_URI -> "url(" + u.getStringValue() + ")";
            case LexicalUnit.SAC_IDENT -> u.getStringValue();
            case LexicalUnit.SAC_STRING_VALUE -> "'" + u.getStringValue() + "'";
            case LexicalUnit.SAC_RGBCOLOR -> "rgb(" + of(u.getParameters()) + ")";
            case LexicalUnit.SAC_FUNCTION -> u.getFunctionName() + "(" + of(u.getParameters()) + ")";
            case LexicalUnit.SAC_INHERIT -> "inherit";
            case LexicalUnit.SAC_OPERATOR_SLASH -> "/";
            default -> "";
        };
    }

    private static String number(float value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9 ? Long.toString((long) value) : Float.toString(value);
    }
}
