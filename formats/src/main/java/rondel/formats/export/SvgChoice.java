package rondel.formats.export;

/** How elements leave as SVG.
 *
 * @param grouping what makes a group in the file
 * @param pictures whether pictures go along; without them only what is drawn does
 * @param liveText whether text leaves as text with the name of its font, for programs that have it; else as its outlines */
public record SvgChoice(Grouping grouping, boolean pictures, boolean liveText) {

    /** What makes a group in the file. */
    public enum Grouping {
        /** The groups of the job. */
        AS_IN_JOB,
        /** What is of one colour, as far as nothing else lies between. */
        COLOURS,
        /** What falls off the cutter, or is peeled off, as one object. */
        PIECES
    }

    public static final SvgChoice USUAL = new SvgChoice(Grouping.AS_IN_JOB, true, false);

    public SvgChoice withGrouping(Grouping other) {
        return new SvgChoice(other, pictures, liveText);
    }

    public SvgChoice withPictures(boolean other) {
        return new SvgChoice(grouping, other, liveText);
    }

    public SvgChoice withLiveText(boolean other) {
        return new SvgChoice(grouping, pictures, other);
    }
}
