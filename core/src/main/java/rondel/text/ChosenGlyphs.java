package rondel.text;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import rondel.text.Shaper.PlacedGlyph;
import rondel.text.Shaper.Run;

/**
 * A line in which some letters are drawn by glyphs that a person chose. Where a feature of the font leads to a glyph, the line is
 * shaped with that feature on that letter, so that advances, kerning and context are what the font's maker meant. Where none does,
 * the glyph takes its own advance, and kerning by classes where the font knows it.
 */
final class ChosenGlyphs {

    /** The first of the characters that stand for glyphs no feature leads to. */
    private static final int PRIVATE_USE = 0xE000;

    /** Takes no room, and is not drawn. */
    private static final char FILLER = '\u2060';

    /** What would draw a chosen glyph otherwise again, by what is beside it. */
    private static final List<String> IN_CONTEXT = List.of("calt", "liga", "clig", "rclt");

    /** What would take a letter into one glyph with others. */
    private static final List<String> LIGATURES = List.of("liga", "clig", "dlig", "rlig", "calt", "ccmp");

    private ChosenGlyphs() {}

    /** @param chosen glyphs by the index in the text of the first character they stand for */
    static Run shape(FontFace font, String text, double tracking, List<String> features, Map<Integer, Integer> chosen) {
        Run run = Shaper.shape(font, text, tracking, features);
        if (chosen.isEmpty()) {
            return run;
        }
        List<String> all = new ArrayList<>(features);
        Map<Integer, Integer> left = new TreeMap<>();
        for (Map.Entry<Integer, Integer> choice : new TreeMap<>(chosen).entrySet()) {
            int at = choice.getKey();
            Optional<PlacedGlyph> now = at(run, at);
            if (now.isEmpty()) {
                LIGATURES.forEach(f -> all.add("-" + f + "[" + at + ":" + (at + 1) + "]"));
                run = Shaper.shape(font, text, tracking, all);
                now = at(run, at);
            }
            if (now.isEmpty() || now.get().glyph() == choice.getValue()) {
                continue;
            }
            Optional<String> feature =
                    feature(font, text, tracking, all, at, end(run, at, text), now.get(), choice.getValue());
            if (feature.isPresent()) {
                all.add(feature.get());
                run = Shaper.shape(font, text, tracking, all);
            } else {
                left.put(at, choice.getValue());
            }
        }
        return left.isEmpty() ? run : substituted(font, text, tracking, all, run, left);
    }

    /** The feature on a stretch of text that draws it with a glyph. */
    private static Optional<String> feature(
            FontFace font,
            String text,
            double tracking,
            List<String> features,
            int from,
            int to,
            PlacedGlyph now,
            int wanted) {
        OptionalInt nominal = Shaper.nominal(font, text.codePointAt(from));
        if (nominal.isPresent() && nominal.getAsInt() != now.glyph()) {
            // Of a ligature, only the letter itself becomes another.
            int one = from + Character.charCount(text.codePointAt(from));
            Optional<String> ofLetter = reached(font, text, tracking, features, from, one, nominal.getAsInt(), wanted);
            if (ofLetter.isPresent()) {
                return ofLetter;
            }
        }
        return reached(font, text, tracking, features, from, to, now.glyph(), wanted);
    }

    private static Optional<String> reached(
            FontFace font,
            String text,
            double tracking,
            List<String> features,
            int from,
            int to,
            int glyph,
            int wanted) {
        for (String candidate : AlternateFeatures.reaching(font, glyph, wanted)) {
            int equals = candidate.indexOf('=');
            String ranged = candidate.substring(0, equals) + "[" + from + ":" + to + "]" + candidate.substring(equals);
            List<String> tried = new ArrayList<>(features);
            tried.add(ranged);
            boolean reached = at(Shaper.shape(font, text, tracking, tried), from)
                    .filter(g -> g.glyph() == wanted)
                    .isPresent();
            if (reached) {
                return Optional.of(ranged);
            }
        }
        return Optional.empty();
    }

    private static Run substituted(
            FontFace font, String text, double tracking, List<String> features, Run run, Map<Integer, Integer> left) {
        Map<Integer, Integer> glyphs = new HashMap<>();
        StringBuilder other = new StringBuilder(text);
        List<String> all = new ArrayList<>(features);
        left.forEach((at, glyph) -> {
            int character = PRIVATE_USE + glyphs.size();
            glyphs.put(character, glyph);
            int end = end(run, at, text);
            other.setCharAt(at, (char) character);
            for (int i = at + 1; i < end; i++) {
                other.setCharAt(i, FILLER);
            }
            IN_CONTEXT.forEach(f -> all.add("-" + f + "[" + at + ":" + end + "]"));
        });
        try (SubstituteFont substitute = new SubstituteFont(font, glyphs)) {
            Run shaped = Shaper.shape(substitute, other.toString(), tracking, all);
            // What fills up a stretch of several characters is no letter.
            return new Run(
                    shaped.glyphs().stream()
                            .filter(g -> other.charAt(g.cluster()) != FILLER || text.charAt(g.cluster()) == FILLER)
                            .map(g -> left.containsKey(g.cluster()) ? drawnBy(g, left.get(g.cluster())) : g)
                            .toList(),
                    shaped.advance());
        }
    }

    /** Features that can't be switched off may have drawn it otherwise; the choice stands. */
    private static PlacedGlyph drawnBy(PlacedGlyph g, int glyph) {
        return new PlacedGlyph(glyph, g.cluster(), g.x(), g.y(), g.advance());
    }

    private static Optional<PlacedGlyph> at(Run run, int cluster) {
        return run.glyphs().stream().filter(g -> g.cluster() == cluster).findFirst();
    }

    /** Where the characters end that a glyph stands for. */
    private static int end(Run run, int cluster, String text) {
        return run.glyphs().stream()
                .mapToInt(PlacedGlyph::cluster)
                .filter(c -> c > cluster)
                .min()
                .orElse(text.length());
    }
}
