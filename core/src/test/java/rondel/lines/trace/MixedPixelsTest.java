package rondel.lines.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Rows of grey levels, across which an edge, a line or a slope runs. */
class MixedPixelsTest {

    private static final int WIDTH = 40;
    private static final int HEIGHT = 24;

    /** The columns in which the middle row is mixed. */
    private static int[] mixed(IntUnaryOperator levelOfColumn) {
        int[] pixels = IntStream.range(0, WIDTH * HEIGHT)
                .map(i -> 0xff000000 | levelOfColumn.applyAsInt(i % WIDTH) * 0x010101)
                .toArray();
        MixedPixels mixtures = new MixedPixels(pixels, WIDTH);
        return IntStream.range(0, WIDTH)
                .filter(x -> mixtures.at(HEIGHT / 2 * WIDTH + x))
                .toArray();
    }

    @Test
    void anEdgeInOneStepHasNone() {
        assertThat(mixed(x -> x < 20 ? 30 : 220)).isEmpty();
    }

    @Test
    void theOnePixelThatSmoothsAnEdgeIsOne() {
        assertThat(mixed(x -> x < 20 ? 30 : x == 20 ? 140 : 220)).containsExactly(20);
    }

    @Test
    void aBlurredEdgeIsMixedAllTheWay() {
        assertThat(mixed(x -> Math.clamp(30 + 32 * (x - 17), 30, 222))).containsExactly(18, 19, 20, 21, 22);
    }

    @Test
    void theCoreOfAThinLineIsItsOwn() {
        assertThat(mixed(x -> x == 20 ? 90 : 220)).isEmpty();
        assertThat(mixed(x -> x == 20 ? 40 : Math.abs(x - 20) == 1 ? 130 : 220)).containsExactly(19, 21);
    }

    @Test
    void aStripeOfAThirdColourIsItsOwn() {
        assertThat(mixed(x -> x < 17 ? 20 : x < 24 ? 120 : 220)).isEmpty();
    }

    @Test
    void aGradientThatIsHardlySeenIsItsOwn() {
        assertThat(mixed(x -> 60 + 3 * x)).isEmpty();
    }

    @Test
    void besideClearPixelsNothingIsKnown() {
        int[] pixels = IntStream.range(0, WIDTH * HEIGHT)
                .map(i -> i % WIDTH < 20 ? 0 : i % WIDTH == 20 ? 0x80808080 : 0xffdcdcdc)
                .toArray();
        MixedPixels mixtures = new MixedPixels(pixels, WIDTH);
        assertThat(IntStream.range(0, pixels.length).filter(mixtures::at)).isEmpty();
    }
}
