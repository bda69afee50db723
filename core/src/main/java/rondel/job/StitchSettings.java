package rondel.job;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.fields.Degrees;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** How an element is stitched. Lengths in mm on the cloth, whatever the element's own scale: stitches are worked out again when it is sized.
 *
 * @param kind of stitches
 * @param parts what of it is sewn, where it has both a fill and a line
 * @param spacing from row to row of a fill, or from stitch to stitch on one side of a satin column
 * @param length of a stitch
 * @param angle of the rows of a fill, in degrees clockwise from the right
 * @param underlay what is sewn under it
 * @param compensation how far a fill reaches beyond its outline, because cloth is pulled together; by the cloth where nothing is said
 * @param letters in which order those of a text are sewn
 * @param thread the colour of that of its fill, or of all it has; that of the element where none is said
 * @param lineThread that of its line where it has a fill too */
public record StitchSettings(
        @LeftOut("auto") Kind kind,
        @LeftOut("all") Parts parts,
        @LeftOut("0.4") @Mm double spacing,
        @LeftOut("2.5") @Mm double length,
        @LeftOut("0") @Degrees double angle,
        @LeftOut("[]") List<Underlay> underlay,
        @Mm OptionalDouble compensation,
        @LeftOut("reading") Letters letters,
        Optional<Rgba> thread,
        Optional<Rgba> lineThread) {

    /** Kinds of stitches. */
    public enum Kind {
        /** Satin for what is filled and narrow, a fill for what is filled else, and running stitches for lines. */
        AUTO,
        /** One line. */
        RUNNING,
        /** One line, each stitch three times. */
        TRIPLE,
        /** From side to side across what is narrow; what is too wide for that is filled. */
        SATIN,
        /** Rows over an area. */
        FILL,
        /** Along its line with the needle down at each of its nodes: stitches that a tape brought along. */
        NODES
    }

    /** What of a thing is sewn. */
    public enum Parts {
        ALL,
        FILL,
        LINE
    }

    /** What holds the cloth before it is sewn over. */
    public enum Underlay {
        /** Along the edge, a little inside; under satin only where it is wide enough to cover it. */
        EDGE,
        /** Along the middle line of satin; where satin branches there is one anyway, as it is the way to the branches. */
        CENTRE,
        /** Wide to and fro under satin. */
        ZIGZAG,
        /** Wide rows across those of a fill. */
        CROSSING
    }

    /** In which order letters are sewn. */
    public enum Letters {
        READING,
        /** From the middle to the end, then from the middle to the beginning, so that cloth is pushed outwards. */
        MIDDLE
    }

    public static final double USUAL_SPACING = 0.4;
    public static final double USUAL_LENGTH = 2.5;

    public static final StitchSettings USUAL = new StitchSettings(
            Kind.AUTO,
            Parts.ALL,
            USUAL_SPACING,
            USUAL_LENGTH,
            0,
            List.of(Underlay.EDGE, Underlay.CENTRE),
            OptionalDouble.empty(),
            Letters.READING,
            Optional.empty(),
            Optional.empty());

    private static final double FINEST = 0.2;
    private static final double WIDEST = 5;
    private static final double SHORTEST = 0.5;
    private static final double LONGEST = 7;
    private static final double MOST_COMPENSATION = 2;

    /** @throws Refusal if a figure is out of what can be sewn */
    public StitchSettings {
        underlay = List.copyOf(underlay);
        range("spacing", spacing, FINEST, WIDEST);
        range("length", length, SHORTEST, LONGEST);
        range("compensation", compensation.orElse(0), 0, MOST_COMPENSATION);
        if (!Double.isFinite(angle)) {
            throw Refusal.of("stitch.angle");
        }
    }

    private static void range(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw Refusal.of("stitch." + what, least, most);
        }
    }

    public StitchSettings withKind(Kind other) {
        return new StitchSettings(
                other, parts, spacing, length, angle, underlay, compensation, letters, thread, lineThread);
    }

    public StitchSettings withParts(Parts other) {
        return new StitchSettings(
                kind, other, spacing, length, angle, underlay, compensation, letters, thread, lineThread);
    }

    public StitchSettings withSpacing(double other) {
        return new StitchSettings(
                kind, parts, other, length, angle, underlay, compensation, letters, thread, lineThread);
    }

    public StitchSettings withLength(double other) {
        return new StitchSettings(
                kind, parts, spacing, other, angle, underlay, compensation, letters, thread, lineThread);
    }

    public StitchSettings withAngle(double other) {
        return new StitchSettings(
                kind, parts, spacing, length, other, underlay, compensation, letters, thread, lineThread);
    }

    public StitchSettings withUnderlay(List<Underlay> other) {
        return new StitchSettings(
                kind, parts, spacing, length, angle, other, compensation, letters, thread, lineThread);
    }

    public StitchSettings withCompensation(OptionalDouble other) {
        return new StitchSettings(kind, parts, spacing, length, angle, underlay, other, letters, thread, lineThread);
    }

    public StitchSettings withLetters(Letters other) {
        return new StitchSettings(
                kind, parts, spacing, length, angle, underlay, compensation, other, thread, lineThread);
    }

    public StitchSettings withThread(Optional<Rgba> other) {
        return new StitchSettings(
                kind, parts, spacing, length, angle, underlay, compensation, letters, other, lineThread);
    }

    public StitchSettings withLineThread(Optional<Rgba> other) {
        return new StitchSettings(kind, parts, spacing, length, angle, underlay, compensation, letters, thread, other);
    }
}
