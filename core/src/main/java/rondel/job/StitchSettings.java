package rondel.job;

import java.util.List;
import java.util.Optional;
import rondel.fields.Degrees;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** How an element is stitched. Lengths in mm on the cloth, whatever the element's own scale: stitches are worked out again when it is sized.
 *
 * @param kind of stitches
 * @param spacing from row to row of a fill
 * @param length of a stitch
 * @param angle of the rows of a fill, in degrees clockwise from the right
 * @param underlay what is sewn under it
 * @param compensation how far a fill reaches beyond its outline, because cloth is pulled together
 * @param thread its colour; that of the element where none is said */
public record StitchSettings(
        @LeftOut("auto") Kind kind,
        @LeftOut("0.4") @Mm double spacing,
        @LeftOut("2.5") @Mm double length,
        @LeftOut("0") @Degrees double angle,
        @LeftOut("[]") List<Underlay> underlay,
        @LeftOut("0.2") @Mm double compensation,
        Optional<Rgba> thread) {

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
        FILL
    }

    /** What holds the cloth before it is sewn over. */
    public enum Underlay {
        /** Along the edge, a little inside. */
        EDGE,
        /** Wide rows across those that come over it. */
        CROSSING
    }

    public static final double USUAL_SPACING = 0.4;
    public static final double USUAL_LENGTH = 2.5;

    public static final StitchSettings USUAL = new StitchSettings(
            Kind.AUTO, USUAL_SPACING, USUAL_LENGTH, 0, List.of(Underlay.EDGE), 0.2, Optional.empty());

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
        range("compensation", compensation, 0, MOST_COMPENSATION);
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
        return new StitchSettings(other, spacing, length, angle, underlay, compensation, thread);
    }

    public StitchSettings withAngle(double other) {
        return new StitchSettings(kind, spacing, length, other, underlay, compensation, thread);
    }

    public StitchSettings withSpacing(double other) {
        return new StitchSettings(kind, other, length, angle, underlay, compensation, thread);
    }

    public StitchSettings withUnderlay(List<Underlay> other) {
        return new StitchSettings(kind, spacing, length, angle, other, compensation, thread);
    }

    public StitchSettings withCompensation(double other) {
        return new StitchSettings(kind, spacing, length, angle, underlay, other, thread);
    }
}
