package rondel.formats.svg;

import rondel.words.Refusal;

/** How many pixels are an inch in drawings that tell their size in pixels, or none: 96 in CSS, 72 in points, 90 in files of long ago. */
public record PixelScale(double perInch) {

    public static final PixelScale CSS = new PixelScale(96);

    private static final double MOST = 10_000;

    public PixelScale {
        if (!(perInch >= 1 && perInch <= MOST)) {
            throw Refusal.of("svg.pxPerInch", (int) MOST);
        }
    }

    double mm() {
        return 25.4 / perInch;
    }
}
