package rondel.lines.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class KMeansPaletteTest {

    private static final int CORAL = 0xd4593f;
    private static final int SEA = 0x1f6f6b;
    private static final int SAND = 0xf2e3c6;

    private final Random random = new Random(4);

    /** Some pixels of a colour, each channel off by noise. */
    private List<Integer> some(int count, int colour, double noise) {
        List<Integer> pixels = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            int p = 0;
            for (int shift = 0; shift <= 16; shift += 8) {
                int level = (int) Math.round((colour >> shift & 255) + noise * random.nextGaussian());
                p |= Math.clamp(level, 0, 255) << shift;
            }
            pixels.add(p);
        }
        return pixels;
    }

    @SafeVarargs
    private static List<Integer> all(List<Integer>... parts) {
        List<Integer> all = new ArrayList<>();
        for (List<Integer> part : parts) {
            all.addAll(part);
        }
        Collections.shuffle(all, new Random(9));
        return all;
    }

    @Test
    void noiseMakesNoMoreColoursThanThereAre() {
        KMeansPalette few = new KMeansPalette(all(some(5000, CORAL, 3), some(3000, SEA, 3), some(800, SAND, 3)), 16);
        assertThat(few.count()).isEqualTo(3);
        assertThat(few.nearest(CORAL)).isNotEqualTo(few.nearest(SEA)).isNotEqualTo(few.nearest(SAND));
        assertThat(few.nearest(CORAL + 0x040404)).isEqualTo(few.nearest(CORAL));
    }

    @Test
    void twoFlatColoursThatAreHardlyToldApartStayTwo() {
        KMeansPalette few = new KMeansPalette(all(some(5000, 0xeeeeee, 0), some(5000, 0xfaf8f0, 0)), 8);
        assertThat(few.count()).isEqualTo(2);
    }

    @Test
    void aFewBlendsOfTwoOthersAreNoColour() {
        int half = 0x7a6455;
        assertThat(new KMeansPalette(all(some(5000, CORAL, 0), some(5000, SEA, 0), some(12, half, 0)), 8).count())
                .isEqualTo(2);
        assertThat(new KMeansPalette(all(some(5000, CORAL, 0), some(5000, SEA, 0), some(500, half, 0)), 8).count())
                .isEqualTo(3);
        assertThat(new KMeansPalette(all(some(5000, CORAL, 0), some(5000, SEA, 0), some(12, 0xffffff, 0)), 8).count())
                .isEqualTo(3);
    }

    @Test
    void noMoreAreTakenThanAreAskedForAndNoneOfNothingIsOne() {
        List<Integer> rainbow = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            rainbow.add(java.awt.Color.HSBtoRGB(i / 3000f, 0.8f, 0.9f) & 0xffffff);
        }
        assertThat(new KMeansPalette(rainbow, 6).count()).isEqualTo(6);
        assertThat(new KMeansPalette(List.of(), 6).count()).isEqualTo(1);
    }
}
