package rondel.formats.svg;

import java.awt.geom.PathIterator;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;

/** An outline as path data: absolute commands, every curve as it is. */
public final class PathText {

    private PathText() {}

    static String of(Outline outline, int decimals) {
        StringBuilder out = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = outline.iterator(null, FillRule.NON_ZERO); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> append(out, 'M', c, 2, decimals);
                case PathIterator.SEG_LINETO -> append(out, 'L', c, 2, decimals);
                case PathIterator.SEG_QUADTO -> append(out, 'Q', c, 4, decimals);
                case PathIterator.SEG_CUBICTO -> append(out, 'C', c, 6, decimals);
                default -> out.append('Z');
            }
        }
        return out.toString();
    }

    /** Path data with every digit of the outline's numbers. */
    public static String exact(Outline outline) {
        return of(outline, Integer.MAX_VALUE);
    }

    /** Reads what {@link #exact} wrote, or any other path data that is in order.
     *
     * @throws IllegalArgumentException if it is not */
    public static Outline parse(String data) {
        PathData.Result result = PathData.parse(data);
        if (!result.whole()) {
            throw new IllegalArgumentException(data);
        }
        return result.outline();
    }

    private static void append(StringBuilder out, char command, double[] c, int count, int decimals) {
        out.append(command);
        for (int i = 0; i < count; i++) {
            if (i > 0) {
                out.append(' ');
            }
            out.append(decimals == Integer.MAX_VALUE ? NumberText.exact(c[i]) : NumberText.rounded(c[i], decimals));
        }
    }
}
