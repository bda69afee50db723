package rondel.compose.sheets;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import rondel.geometry.Point;

/** Formats of paper by name: ISO 216, ANSI/ASME Y14.1, and what cards and photographs are sold as. Upright; sides in mm. */
public enum PageFormat {
    A2(420, 594),
    A3(297, 420),
    A4(210, 297),
    A5(148, 210),
    A6(105, 148),
    A7(74, 105),
    B5(176, 250),
    LETTER(215.9, 279.4),
    LEGAL(215.9, 355.6),
    TABLOID(279.4, 431.8),
    HALF_LETTER(139.7, 215.9),
    POSTCARD(101.6, 152.4),
    PHOTO(101.6, 152.4),
    SCRAPBOOK(304.8, 304.8);

    private final double width;
    private final double height;

    PageFormat(double width, double height) {
        this.width = width;
        this.height = height;
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    /** As it is typed: {@code half-letter}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Width and height of a format by its name, lying where {@code -landscape} follows it. */
    public static Optional<Point> named(String text) {
        String word = text.strip().toLowerCase(Locale.ROOT);
        boolean lying = word.endsWith("-landscape");
        String name = lying ? word.substring(0, word.length() - "-landscape".length()) : word;
        return Arrays.stream(values())
                .filter(f -> f.word().equals(name))
                .findFirst()
                .map(f -> lying ? new Point(f.height, f.width) : new Point(f.width, f.height));
    }
}
