package rondel.formats.svg;

/** Reads the numbers of path data, point lists and transforms, one after the other, in double precision. */
final class Numbers {

    private static final double[] TENS = {
        1e0, 1e1, 1e2, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8, 1e9, 1e10, 1e11, 1e12, 1e13, 1e14, 1e15, 1e16, 1e17, 1e18, 1e19,
        1e20, 1e21, 1e22
    };

    private static final int AHEAD = 24;

    private final String text;
    private int at;

    Numbers(String text) {
        this.text = text;
    }

    boolean atEnd() {
        skipSpace();
        return at >= text.length();
    }

    /** The next character after white space, without taking it. */
    char peek() {
        skipSpace();
        return at < text.length() ? text.charAt(at) : 0;
    }

    char take() {
        return text.charAt(at++);
    }

    int position() {
        return at;
    }

    /** The next few characters: enough to tell what begins there, however much comes after. */
    String ahead() {
        int from = Math.min(at, text.length());
        return text.substring(from, Math.min(from + AHEAD, text.length()));
    }

    String rest() {
        return text.substring(Math.min(at, text.length()));
    }

    boolean startsNumber() {
        char c = peek();
        return c >= '0' && c <= '9' || c == '-' || c == '+' || c == '.';
    }

    /** A number after optional space and one optional comma.
     *
     * @throws NumberFormatException if there is none, or it is too large to be finite */
    double next() {
        skipSeparator();
        int start = at;
        boolean negative = false;
        if (at < text.length() && (text.charAt(at) == '-' || text.charAt(at) == '+')) {
            negative = text.charAt(at++) == '-';
        }
        long mantissa = 0;
        int digits = 0;
        int scale = 0;
        boolean any = false;
        boolean point = false;
        for (; at < text.length(); at++) {
            char c = text.charAt(at);
            if (c >= '0' && c <= '9') {
                any = true;
                if (mantissa != 0 || c != '0') {
                    digits++;
                }
                if (digits <= 18) {
                    mantissa = mantissa * 10 + (c - '0');
                }
                scale -= point ? 1 : 0;
            } else if (c == '.' && !point) {
                point = true;
            } else {
                break;
            }
        }
        if (!any) {
            at = start;
            throw new NumberFormatException(rest());
        }
        int exponent = exponent();
        int power = scale + exponent;
        double value;
        if (digits <= 15 && power >= -22 && power <= 22) {
            value = power < 0 ? mantissa / TENS[-power] : mantissa * TENS[power];
            value = negative ? -value : value;
        } else {
            value = Double.parseDouble(text.substring(start, at));
        }
        if (Double.isInfinite(value)) {
            throw new NotFinite(text.substring(start, at));
        }
        return value;
    }

    /** A number that overflows: not a slip of the pen but a file that can't be drawn. */
    static final class NotFinite extends NumberFormatException {
        private static final long serialVersionUID = 1L;

        NotFinite(String text) {
            super(text);
        }
    }

    /** An arc's flag: a single 0 or 1, which may stand right before the next number. */
    boolean flag() {
        skipSeparator();
        if (at < text.length() && (text.charAt(at) == '0' || text.charAt(at) == '1')) {
            return text.charAt(at++) == '1';
        }
        throw new NumberFormatException(rest());
    }

    private int exponent() {
        if (at + 1 >= text.length() || (text.charAt(at) | 32) != 'e') {
            return 0;
        }
        int from = at + 1;
        boolean negative = text.charAt(from) == '-';
        if (negative || text.charAt(from) == '+') {
            from++;
        }
        int to = from;
        int value = 0;
        while (to < text.length() && Character.isDigit(text.charAt(to))) {
            value = Math.min(100_000, value * 10 + text.charAt(to) - '0');
            to++;
        }
        if (to == from) {
            return 0;
        }
        at = to;
        return negative ? -value : value;
    }

    private void skipSpace() {
        while (at < text.length() && text.charAt(at) <= ' ') {
            at++;
        }
    }

    void skipSeparator() {
        skipSpace();
        if (at < text.length() && text.charAt(at) == ',') {
            at++;
            skipSpace();
        }
    }
}
