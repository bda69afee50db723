package rondel.job;

import java.util.Optional;
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
 * @param height of pictures in pixels, where that is to be exact
 * @param transparent without the paper
 * @param watermark words laid over pictures of a listing
 * @param inks with which a print shop prints; as is usual where nothing is said */
public record HandOffOutput(
        String pattern,
        What what,
        @LeftOut("sheet") Each each,
        OptionalDouble ppi,
        OptionalInt width,
        OptionalInt height,
        @LeftOut("false") boolean transparent,
        Optional<String> watermark,
        Optional<PrintInks> inks) {

    /** What goes into a file. */
    public enum What {
        ALL,
        PRINT,
        LINES,
        PROOF,
        /** For a print shop: print with bleed, and lines in inks of their own. */
        PRINT_READY,
        /** Everything that the job contains from somebody. */
        LEDGER,
        /** A picture of the sheet on a plain surface. */
        ON_SURFACE,
        /** A picture of all pieces, laid out. */
        PIECES,
        /** A picture of the piece that most is drawn in, close up. */
        CLOSE_UP,
        /** A picture with measures, a ruler and a hand. */
        SIZE_CARD,
        /** A picture of all pieces with their names. */
        NAMED_PIECES;

        /** Whether it is a picture for a listing. */
        public boolean isPreview() {
            return compareTo(ON_SURFACE) >= 0;
        }
    }

    /** What gets a file of its own. */
    public enum Each {
        /** All sheets together where the format can, else a file a sheet. */
        SHEET,
        /** Each element that stands on a sheet itself. */
        ELEMENT,
        /** Each piece: what falls off the cutter, or is peeled off, as one object. */
        PIECE
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
        return new HandOffOutput(
                pattern,
                what,
                Each.SHEET,
                OptionalDouble.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                false,
                Optional.empty(),
                Optional.empty());
    }

    public HandOffOutput each(Each other) {
        return new HandOffOutput(pattern, what, other, ppi, width, height, transparent, watermark, inks);
    }

    public HandOffOutput wide(int pixels) {
        return new HandOffOutput(
                pattern, what, each, ppi, OptionalInt.of(pixels), height, transparent, watermark, inks);
    }

    public HandOffOutput withoutPaper() {
        return new HandOffOutput(pattern, what, each, ppi, width, height, true, watermark, inks);
    }

    public HandOffOutput marked(Optional<String> words) {
        return new HandOffOutput(pattern, what, each, ppi, width, height, transparent, words, inks);
    }

    public HandOffOutput printedWith(PrintInks other) {
        return new HandOffOutput(pattern, what, each, ppi, width, height, transparent, watermark, Optional.of(other));
    }

    /** The ending of its name, in lower case. */
    public String ending() {
        return pattern.substring(pattern.lastIndexOf('.') + 1).toLowerCase(java.util.Locale.ROOT);
    }
}
