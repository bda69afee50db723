package rondel.desktop.field;

import java.util.OptionalInt;
import rondel.words.Refusal;

/** A number of pixels as it is typed, with or without “px”. */
public final class PixelInput {

    private PixelInput() {}

    /** @param digits as many as it has at most
     *  @return nothing where nothing is typed
     *  @throws Refusal if it is no number above 0 of so many digits */
    public static OptionalInt typed(String text, int digits) {
        String figure = text.strip().replaceFirst("\\s*px$", "");
        if (figure.isEmpty()) {
            return OptionalInt.empty();
        }
        if (!figure.matches("[1-9]\\d{0," + (digits - 1) + "}")) {
            throw Refusal.of("cli.notPixels", figure);
        }
        return OptionalInt.of(Integer.parseInt(figure));
    }
}
