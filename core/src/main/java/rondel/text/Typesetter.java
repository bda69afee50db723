package rondel.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.Lettering;
import rondel.words.Refusal;

/** Sets lettering into outlines: lines, alignment, features, a path to run along, single letters that stand otherwise. */
public final class Typesetter {

    private final Supplier<FontBook> fonts;

    /** @param fonts asked only when something is set */
    public Typesetter(Supplier<FontBook> fonts) {
        this.fonts = fonts;
    }

    /** The outlines in the lettering's own space: the first baseline through the origin, or along its path.
     *
     * @throws Refusal if there is no font at all, a size is not above 0, or a feature is none */
    public Outline outline(Lettering lettering) {
        return outline(letters(lettering));
    }

    /** The outlines of letters where they stand. */
    public static Outline outline(List<PlacedLetter> letters) {
        Outline all = Outline.EMPTY;
        for (PlacedLetter letter : letters) {
            all = all.plus(letter.inText());
        }
        return all;
    }

    /** Each letter where it stands, in the order of the text; a ligature is one.
     *
     * @throws Refusal as {@link #outline} does */
    public List<PlacedLetter> letters(Lettering lettering) {
        if (!(lettering.size() > 0 && Double.isFinite(lettering.size()))) {
            throw Refusal.of("resize.notPositive");
        }
        FontFace face = fonts.get()
                .nearest(List.of(lettering.font().family()), lettering.font())
                .orElseThrow(() -> Refusal.of("text.noFont"))
                .face();
        Map<Integer, Lettering.Letter> moved = new HashMap<>();
        lettering.letters().forEach(l -> moved.put(l.at(), l));
        List<PlacedLetter> all = new ArrayList<>();
        int start = 0;
        int number = 0;
        try (GlyphOutlines glyphs = new GlyphOutlines(face)) {
            for (String line : lettering.content().split("\n", -1)) {
                line(lettering, face, glyphs, line, start, number, moved, all);
                start += line.length() + 1;
                number++;
            }
        }
        return all;
    }

    private static void line(
            Lettering lettering,
            FontFace face,
            GlyphOutlines glyphs,
            String text,
            int start,
            int number,
            Map<Integer, Lettering.Letter> moved,
            List<PlacedLetter> all) {
        double size = lettering.size();
        Map<Integer, Integer> chosen = new HashMap<>();
        moved.forEach((at, letter) -> letter.glyph()
                .filter(g -> at >= start && at < start + text.length())
                .ifPresent(g -> chosen.put(at - start, g)));
        Shaper.Run run = ChosenGlyphs.shape(face, text, lettering.tracking() / size, lettering.features(), chosen);
        Optional<PathRun> path = number == 0 ? lettering.path().map(PathRun::of) : Optional.empty();
        double length = run.advance() * size;
        double room = path.map(PathRun::length).orElse(0.0);
        double from =
                switch (lettering.align()) {
                    case START -> 0;
                    case MIDDLE -> (room - length) / 2;
                    case END -> room - length;
                };
        double baseline = number * lettering.lineSpacing() * size;
        double toSize = size / face.unitsPerEm();
        for (Shaper.PlacedGlyph g : run.glyphs()) {
            Lettering.Letter letter = moved.get(start + g.cluster());
            double middle = from + (g.x() + g.advance() / 2) * size;
            Affine base = path.map(p -> p.at(middle)).orElse(Affine.translate(middle, baseline));
            Affine own = letter == null
                    ? Affine.IDENTITY
                    : Affine.translate(letter.dx() * size, letter.dy() * size)
                            .times(Affine.rotate(letter.turn()))
                            .times(Affine.scale(letter.scale(), letter.scale()));
            Affine drawn =
                    Affine.translate(-g.advance() / 2 * size, g.y() * size).times(Affine.scale(toSize, toSize));
            all.add(new PlacedLetter(
                    start + g.cluster(),
                    g.glyph(),
                    base,
                    base.times(own),
                    glyphs.of(g.glyph()).transformed(drawn),
                    g.advance() * size));
        }
    }
}
