package rondel.lines.backdrop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A disc of 80 pixels on a light backdrop, in a picture of 256 by 256. */
class EdgeWidthTest {

    private static final int SIDE = 256;
    private static final float[] BEHIND = {240, 235, 228};
    private static final float[] MOTIF = {190, 70, 50};
    private static final float[] LINE = {30, 60, 58};

    private final SplittableRandom noise = new SplittableRandom(3);
    private final float[][] rgb = new float[3][SIDE * SIDE];
    private final boolean[] backdrop = new boolean[SIDE * SIDE];

    private static double fromMiddle(int i) {
        return Math.hypot(i % SIDE - SIDE / 2.0, i / SIDE - SIDE / 2.0);
    }

    /** @param blur the standard deviation, in pixels, of what blurs the edge
     *  @param line the width of a dark line around the disc, in pixels */
    private int width(double blur, double line, double grain) {
        for (int i = 0; i < backdrop.length; i++) {
            double in = 80 - fromMiddle(i);
            double part = share(in, blur);
            double dark = line == 0 ? 0 : part - share(in - line, blur);
            backdrop[i] = part < 0.1;
            for (int c = 0; c < 3; c++) {
                double motif = (part - dark) * MOTIF[c] + dark * LINE[c];
                rgb[c][i] = (float) ((1 - part) * BEHIND[c] + motif + grain * (2 * noise.nextDouble() - 1));
            }
        }
        return EdgeWidth.of(rgb, backdrop, SIDE);
    }

    /** How much of a blurred half plane is seen at a depth in it: near enough the normal distribution (Bowling 2009). */
    private static double share(double depth, double blur) {
        double z = depth / blur;
        return 1 / (1 + Math.exp(-1.702 * z));
    }

    @ParameterizedTest
    @CsvSource({"0.4, 1, 3", "1, 2, 4", "3, 6, 11", "5, 9, 16"})
    void theSofterTheEdgeTheWiderItIs(double blur, int least, int most) {
        assertThat(width(blur, 0, 0)).isBetween(least, most);
        assertThat(width(blur, 0, 1.5)).isBetween(least, most);
    }

    @Test
    void aDarkLineAroundTheMotifIsNoSoftEdge() {
        assertThat(width(0.5, 4, 0)).isLessThanOrEqualTo(4);
        assertThat(width(0.5, 4, 1.5)).isLessThanOrEqualTo(4);
    }

    @Test
    void withoutAnEdgeItIsSharp() {
        assertThat(EdgeWidth.of(rgb, backdrop, SIDE)).isEqualTo(1);
    }
}
