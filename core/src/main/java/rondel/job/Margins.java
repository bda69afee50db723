package rondel.job;

import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.words.Refusal;

/** How far from each edge of the stock a machine can't reach, in mm. */
public record Margins(
        @Mm @LeftOut("0") double left,
        @Mm @LeftOut("0") double top,
        @Mm @LeftOut("0") double right,
        @Mm @LeftOut("0") double bottom) {

    public static final Margins NONE = new Margins(0, 0, 0, 0);

    /** What is meant where none are named. */
    public static final Margins USUAL = NONE;

    /** @throws Refusal if one is below 0, or no number */
    public Margins {
        for (double m : new double[] {left, top, right, bottom}) {
            if (!(m >= 0 && Double.isFinite(m))) {
                throw Refusal.of("stock.margin", m);
            }
        }
    }

    public static Margins all(double mm) {
        return new Margins(mm, mm, mm, mm);
    }

    /** The larger of both at each edge: what neither machine reaches. */
    public Margins and(Margins other) {
        return new Margins(
                Math.max(left, other.left),
                Math.max(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }
}
