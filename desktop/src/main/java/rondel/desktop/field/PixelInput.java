package rondel.desktop.field;

import java.util.OptionalInt;
import rondel.words.Refusal;

/** A number of pixels as it is typed, with or without “px”. */
public final class PixelInput {

    private PixelInput() {}

    /** @return nothing where nothing is typed
     *  @throws Refusal if it is no number from 1 to 999999 */
    public static OptionalInt typed(String text) {
        String figure = text.strip().replaceFirst("\\s*px$", "");
        if (figure.isEmpty()) {
            return OptionalInt.empty();
        }
        if (!figure.matches("[1-9]\\d{0,5}")) {
            throw Refusal.of("cli.notPixels", figure);
        }
        return OptionalInt.of(Integer.parseInt(figure));
    }
}
