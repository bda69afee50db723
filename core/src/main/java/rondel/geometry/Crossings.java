package rondel.geometry;

import java.util.SplittableRandom;

/** How often the segments of an outline cross each other, roughly: told from pairs taken at random, which are the same each time.
 *  Scan conversion and noding take time for every crossing, and a drawing may have billions. */
public final class Crossings {

    private static final int PAIRS = 6_000;

    /** Fewer hits than this tell nothing. */
    private static final int FEW_HITS = 6;

    /** Outlines with fewer segments cross themselves a few ten thousand times at most. */
    private static final int FEW_SEGMENTS = 600;

    private Crossings() {}

    /** About how many there are; 0 where there are few. Curves count by the lines to their ends. */
    public static double estimate(Outline outline) {
        int ends = ends(outline);
        if (ends < FEW_SEGMENTS) {
            return 0;
        }
        double[] segments = segments(outline, ends);
        int n = segments.length / 4;
        SplittableRandom random = new SplittableRandom(n);
        int hits = 0;
        for (int i = 0; i < PAIRS; i++) {
            hits += cross(segments, 4 * random.nextInt(n), 4 * random.nextInt(n)) ? 1 : 0;
        }
        return hits < FEW_HITS ? 0 : (double) hits / PAIRS * n * n / 2;
    }

    private static int ends(Outline outline) {
        int ends = 0;
        for (byte verb : outline.verbs) {
            ends += verb == Outline.MOVE || verb == Outline.CLOSE ? 0 : 1;
        }
        return ends;
    }

    private static double[] segments(Outline outline, int count) {
        double[] segments = new double[4 * count];
        double x = 0;
        double y = 0;
        int at = 0;
        int n = 0;
        for (byte verb : outline.verbs) {
            int points = verb == Outline.CLOSE ? 0 : verb == Outline.CUBIC ? 3 : verb == Outline.QUAD ? 2 : 1;
            if (points == 0) {
                continue;
            }
            at += 2 * points;
            if (verb != Outline.MOVE) {
                segments[n++] = x;
                segments[n++] = y;
                segments[n++] = outline.coords[at - 2];
                segments[n++] = outline.coords[at - 1];
            }
            x = outline.coords[at - 2];
            y = outline.coords[at - 1];
        }
        return segments;
    }

    private static boolean cross(double[] s, int a, int b) {
        return side(s, a, b) * side(s, a, b + 2) < 0 && side(s, b, a) * side(s, b, a + 2) < 0;
    }

    /** On which side of a segment a point lies. */
    private static double side(double[] s, int a, int point) {
        return Math.signum((s[a + 2] - s[a]) * (s[point + 1] - s[a + 1]) - (s[a + 3] - s[a + 1]) * (s[point] - s[a]));
    }
}
