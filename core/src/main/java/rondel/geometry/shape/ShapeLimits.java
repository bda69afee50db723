package rondel.geometry.shape;

import rondel.words.Refusal;

/** What figures may be, with a sentence for what may not. */
final class ShapeLimits {

    /** The longest side, in mm: that of the largest sheet, twice. */
    private static final double LONGEST = 10_000;

    private ShapeLimits() {}

    static void size(double width, double height) {
        if (!(width > 0 && width <= LONGEST && height > 0 && height <= LONGEST)) {
            throw Refusal.of("shape.size", (int) LONGEST);
        }
    }

    static void length(String name, double value) {
        if (!(value >= 0 && value <= LONGEST)) {
            throw Refusal.of("shape.length", name, (int) LONGEST);
        }
    }

    static void place(double value) {
        if (!(Math.abs(value) <= LONGEST)) {
            throw Refusal.of("shape.place", (int) LONGEST);
        }
    }

    static void share(String name, double value) {
        if (!(value >= 0 && value <= 1)) {
            throw Refusal.of("shape.share", name);
        }
    }

    static void count(String name, int value, int least, int most) {
        if (value < least || value > most) {
            throw Refusal.of("shape.count", name, least, most);
        }
    }
}
