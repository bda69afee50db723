package rondel.geometry.shape;

import rondel.fields.LeftOut;
import rondel.fields.Mm;

/** What runs along the edge of a box or an oval.
 *
 * @param pitch from one scallop, tooth or hole to the next at least; each side has as many whole ones as fit
 * @param depth how far they reach in or out; at most half of the pitch, a third for perforations */
public record Edge(
        @LeftOut("plain") Style style,
        @Mm @LeftOut("0") double pitch,
        @Mm @LeftOut("0") double depth) {

    /** What an edge is made of. */
    public enum Style {
        PLAIN,
        /** Rounds that bulge outwards, one beside the other. */
        SCALLOPED,
        /** Pointed teeth. */
        ZIGZAG,
        /** Rounds that are taken away, one beside the other. */
        TICKET,
        /** Half holes with straight stretches between them, as where perforated paper was torn. */
        POSTAGE
    }

    public static final Edge USUAL = new Edge(Style.PLAIN, 0, 0);

    /** The finest pitch, in mm: finer than any blade follows. */
    private static final double FINEST = 0.2;

    /** The pitch of an edge that a person just chose, in mm. */
    private static final double USUAL_PITCH = 6;

    public Edge {
        ShapeLimits.length("depth", depth);
        ShapeLimits.length("pitch", pitch);
        if (style != Style.PLAIN) {
            if (pitch < FINEST) {
                throw rondel.words.Refusal.of("shape.pitch", FINEST);
            }
            double usual = style == Style.POSTAGE ? 0.3 : 0.5;
            double most = style == Style.POSTAGE ? 1.0 / 3 : 0.5;
            depth = depth == 0 ? usual * pitch : Math.min(depth, most * pitch);
        }
    }

    /** What it is made of otherwise; one that was plain gets a usual pitch. */
    public Edge withStyle(Style other) {
        if (other == Style.PLAIN) {
            return USUAL;
        }
        return pitch < FINEST ? new Edge(other, USUAL_PITCH, 0) : new Edge(other, pitch, depth);
    }

    Edge withDepth(double other) {
        return new Edge(style, pitch, other);
    }

    public boolean plain() {
        return style == Style.PLAIN;
    }

    /** How far what it is made of stands out from the line that it runs along. */
    double outwards() {
        return style == Style.SCALLOPED || style == Style.ZIGZAG ? depth : 0;
    }

    public Edge times(double factor) {
        return plain() ? this : new Edge(style, pitch * factor, depth * factor);
    }
}
