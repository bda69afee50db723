package rondel.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Outline;

/** What a text says and how it is set; lengths in the element's own space.
 *
 * @param content lines are parted by line feeds
 * @param size the em, above 0
 * @param tracking extra space after each cluster
 * @param lineSpacing from baseline to baseline, in ems
 * @param features OpenType features as in HarfBuzz: {@code ss01}, {@code -kern}, {@code swsh=2}
 * @param path what the first line runs along in place of a straight baseline
 * @param letters single letters that stand otherwise than they were set */
public record Lettering(
        String content,
        FontChoice font,
        @Mm double size,
        @LeftOut("0") @Mm double tracking,
        @LeftOut("1.2") double lineSpacing,
        @LeftOut("start") TextAlign align,
        @LeftOut("[]") List<String> features,
        Optional<Outline> path,
        @LeftOut("[]") List<Letter> letters) {

    public static final double USUAL_SPACING = 1.2;

    public Lettering {
        features = List.copyOf(features);
        letters = List.copyOf(letters);
    }

    /** One line or several, set plainly. */
    public static Lettering plain(String content, FontChoice font, double size) {
        return new Lettering(
                content, font, size, 0, USUAL_SPACING, TextAlign.START, List.of(), Optional.empty(), List.of());
    }

    /** A letter that is moved, turned, sized or drawn by another glyph; the text itself stays as it is.
     *
     * @param at the index in the content of the first character it stands for
     * @param dx to the right, in ems
     * @param dy down, in ems
     * @param turn clockwise about the middle of its advance on the baseline, in degrees
     * @param scale 1 leaves it as it is; above 0
     * @param glyph the number of another glyph of the font to draw in its place */
    public record Letter(
            int at,
            @LeftOut("0") double dx,
            @LeftOut("0") double dy,
            @LeftOut("0") double turn,
            @LeftOut("1") double scale,
            Optional<Integer> glyph) {}

    /** How the letter at a place in the content stands otherwise; as it was set where nobody has touched it. */
    public Letter letter(int at) {
        return letters.stream()
                .filter(l -> l.at() == at)
                .findFirst()
                .orElse(new Letter(at, 0, 0, 0, 1, Optional.empty()));
    }

    /** The same with one letter standing otherwise. */
    public Lettering withLetter(Letter letter) {
        List<Letter> others = new ArrayList<>(
                letters.stream().filter(l -> l.at() != letter.at()).toList());
        if (!letter.equals(new Letter(letter.at(), 0, 0, 0, 1, Optional.empty()))) {
            others.add(letter);
        }
        return withLetters(others);
    }

    /** The same with a part of its content said otherwise: single letters that stand otherwise keep to their letters.
     *
     * @param from the index of the first character that goes
     * @param to the index after the last */
    public Lettering withEdit(int from, int to, String by) {
        int shift = by.length() - (to - from);
        List<Letter> kept = letters.stream()
                .filter(l -> l.at < from || l.at >= to)
                .map(l -> l.at < from ? l : new Letter(l.at + shift, l.dx, l.dy, l.turn, l.scale, l.glyph))
                .toList();
        return withContent(content.substring(0, from) + by + content.substring(to))
                .withLetters(kept);
    }

    /** The same saying something else; what is alike at both ends is taken for what was left as it was. */
    public Lettering saying(String other) {
        int most = Math.min(content.length(), other.length());
        int start = 0;
        while (start < most && content.charAt(start) == other.charAt(start)) {
            start++;
        }
        int end = 0;
        while (end < most - start
                && content.charAt(content.length() - 1 - end) == other.charAt(other.length() - 1 - end)) {
            end++;
        }
        return withEdit(start, content.length() - end, other.substring(start, other.length() - end));
    }

    public Lettering withContent(String other) {
        return new Lettering(other, font, size, tracking, lineSpacing, align, features, path, letters);
    }

    public Lettering withFont(FontChoice other) {
        return new Lettering(content, other, size, tracking, lineSpacing, align, features, path, letters);
    }

    public Lettering withSize(double other) {
        return new Lettering(content, font, other, tracking, lineSpacing, align, features, path, letters);
    }

    public Lettering withTracking(double other) {
        return new Lettering(content, font, size, other, lineSpacing, align, features, path, letters);
    }

    public Lettering withLineSpacing(double other) {
        return new Lettering(content, font, size, tracking, other, align, features, path, letters);
    }

    public Lettering withAlign(TextAlign other) {
        return new Lettering(content, font, size, tracking, lineSpacing, other, features, path, letters);
    }

    public Lettering withFeatures(List<String> other) {
        return new Lettering(content, font, size, tracking, lineSpacing, align, other, path, letters);
    }

    public Lettering withPath(Optional<Outline> other) {
        return new Lettering(content, font, size, tracking, lineSpacing, align, features, other, letters);
    }

    public Lettering withLetters(List<Letter> other) {
        return new Lettering(content, font, size, tracking, lineSpacing, align, features, path, other);
    }
}
