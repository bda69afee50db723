package rondel.formats.svg;

import java.util.Optional;
import rondel.job.Rgba;

/** Colours as people write them in CSS (Color 4, section 6.1): {@code seagreen}, {@code #1f6}, {@code rgb(31 111 107)}. */
public final class ColourWords {

    private ColourWords() {}

    public static Optional<Rgba> colour(String text) {
        String word = text.strip();
        return word.isEmpty() || word.equalsIgnoreCase("currentcolor")
                ? Optional.empty()
                : SvgColour.parse(word, Rgba.BLACK);
    }
}
