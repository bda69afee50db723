package rondel.text;

import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.TextAlign;

/** Shapes one line of text into outlines. */
public final class TextOutline {

    private TextOutline() {}

    /** A line with the outlines of its glyphs and how far it runs, both in the unit of its size. */
    public record Line(Outline outline, double advance) {}

    /** The line on a baseline through the origin, which is its start, middle or end.
     *
     * @param size the em
     * @param tracking extra space after each cluster, in the same unit as {@code size} */
    public static Line line(FontFace font, String text, double size, double tracking, TextAlign align) {
        Shaper.Run run = Shaper.shape(font, text, size == 0 ? 0 : tracking / size);
        double length = run.advance() * size;
        double start =
                switch (align) {
                    case START -> 0;
                    case MIDDLE -> -length / 2;
                    case END -> -length;
                };
        double scale = size / font.unitsPerEm();
        Outline all = Outline.EMPTY;
        try (GlyphOutlines outlines = new GlyphOutlines(font)) {
            for (Shaper.PlacedGlyph g : run.glyphs()) {
                Affine place = new Affine(scale, 0, 0, scale, start + g.x() * size, g.y() * size);
                all = all.plus(outlines.of(g.glyph()).transformed(place));
            }
        }
        return new Line(all, length);
    }
}
