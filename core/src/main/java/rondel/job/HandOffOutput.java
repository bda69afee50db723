package rondel.job;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import rondel.fields.LeftOut;
import rondel.words.Refusal;

/** One output of a hand-off set: a file, or one for each of something.
 *
 * @param pattern of its name, with {title}, {sheet}, {sheet-name}, {name} and {n} to be filled in; its ending says its format
 * @param what goes into it
 * @param each what gets a file of its own
 * @param ppi of pictures; 300 where none is given
 * @param width of pictures in pixels, where that is to be exact
 * @param transparent without the paper */
public record HandOffOutput(
        String pattern,
        What what,
        @LeftOut("sheet") Each each,
        OptionalDouble ppi,
        OptionalInt width,
        @LeftOut("false") boolean transparent) {

    /** What goes into a file. */
    public enum What {
        ALL,
        PRINT,
        LINES,
        PROOF,
        /** For a print shop: print with bleed, and lines in inks of their own. */
        PRINT_READY,
        /** Everything that the job contains from somebody. */
        LEDGER
    }

    /** What gets a file of its own. */
    public enum Each {
        /** All sheets together where the format can, else a file a sheet. */
        SHEET,
        /** Each element that stands on a sheet itself. */
        ELEMENT
    }

    /** @throws Refusal if the name has no ending, or leads elsewhere */
    public HandOffOutput {
        pattern = pattern.strip();
        boolean plain = pattern.matches("[^/\\\\:*?\"<>|]+\\.[A-Za-z0-9]{2,5}") && !pattern.startsWith(".");
        if (!plain) {
            throw Refusal.of("handoff.pattern", pattern);
        }
    }

    public static HandOffOutput of(String pattern, What what) {
        return new HandOffOutput(pattern, what, Each.SHEET, OptionalDouble.empty(), OptionalInt.empty(), false);
    }

    public HandOffOutput each(Each other) {
        return new HandOffOutput(pattern, what, other, ppi, width, transparent);
    }

    public HandOffOutput wide(int pixels) {
        return new HandOffOutput(pattern, what, each, ppi, OptionalInt.of(pixels), transparent);
    }

    public HandOffOutput withoutPaper() {
        return new HandOffOutput(pattern, what, each, ppi, width, true);
    }

    /** The ending of its name, in lower case. */
    public String ending() {
        return pattern.substring(pattern.lastIndexOf('.') + 1).toLowerCase(java.util.Locale.ROOT);
    }
}
