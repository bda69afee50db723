package rondel.gang.names;

import java.util.List;
import java.util.TreeSet;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Lettering;
import rondel.job.NameList.Fitted;
import rondel.text.PlacedLetter;
import rondel.text.Typesetter;

/** Words set so that they fit a width: as the template has them; else smaller, down to a smallest size; else in two lines; else they are too
 *  wide, and said to be.
 *
 * @param missing letters that the font lacks, each once */
record FittedLettering(Lettering lettering, Outline outline, Fitted how, String missing) {

    /** How closely the largest size is found, as a share. */
    private static final double CLOSE = 1e-3;

    /** To how many digits of a millimetre the outlines of rows are kept: a thousand of them are in one file. */
    private static final int FINE = 5;

    private static final double SAME = 1e-6;

    /** @param like how the template sets its own words
     *  @param room in mm; of what runs along a path, the path's length counts too
     *  @param smallest em, in mm */
    static FittedLettering of(String said, Lettering like, double room, double smallest, Typesetter typesetter) {
        Lettering whole = like.withContent(said).withLetters(List.of());
        FittedLettering plain = set(whole, Fitted.AS_IT_IS, typesetter);
        double wide = plain.width();
        if (wide <= room + SAME) {
            return plain;
        }
        double least = Math.min(smallest, like.size());
        if (like.size() * room / wide >= least) {
            return set(sized(whole, like.size() * room / wide * (1 - CLOSE / 10)), Fitted.SMALLER, typesetter);
        }
        FittedLettering best = null;
        for (String two : twoLines(said)) {
            if (like.path().isPresent()) {
                break;
            }
            FittedLettering broken = set(whole.withContent(two), Fitted.TWO_LINES, typesetter);
            double size = Math.min(like.size(), like.size() * room / broken.width() * (1 - CLOSE / 10));
            if (size >= least && (best == null || size > best.lettering.size())) {
                best = set(sized(whole.withContent(two), size), Fitted.TWO_LINES, typesetter);
            }
        }
        return best != null ? best : set(sized(whole, least), Fitted.TOO_WIDE, typesetter);
    }

    private static Lettering sized(Lettering lettering, double size) {
        return lettering.withSize(size).withTracking(lettering.tracking() * size / lettering.size());
    }

    /** The words in two lines, broken at each of their spaces. */
    private static List<String> twoLines(String said) {
        List<String> all = new java.util.ArrayList<>();
        for (int i = said.indexOf(' '); i > 0; i = said.indexOf(' ', i + 1)) {
            String first = said.substring(0, i).strip();
            String second = said.substring(i + 1).strip();
            if (!first.isEmpty() && !second.isEmpty()) {
                all.add(first + "\n" + second);
            }
        }
        return all;
    }

    private static FittedLettering set(Lettering lettering, Fitted how, Typesetter typesetter) {
        List<PlacedLetter> letters = typesetter.letters(lettering);
        TreeSet<String> missing = new TreeSet<>();
        for (PlacedLetter l : letters) {
            if (l.glyph() == 0) {
                missing.add(new String(Character.toChars(lettering.content().codePointAt(l.at()))));
            }
        }
        return new FittedLettering(lettering, Typesetter.outline(letters).rounded(FINE), how, String.join("", missing));
    }

    private double width() {
        return outline.bounds().map(Box::width).orElse(0.0);
    }
}
