package rondel.formats.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

class SoftProofTest {

    private final SoftProof proof = SoftProof.shipped();

    @Test
    void whitePaperStaysWhiteAndQuietColoursStayAsTheyAre() {
        assertThat(Arrays.stream(proof.of(0xffffff)).limit(3)).allMatch(v -> v > 252);
        for (int quiet : new int[] {0xc8a08c, 0x1f5f5a, 0x808080, 0xe6dcc8}) {
            assertThat(proof.isOutOfGamut(quiet)).as(Integer.toHexString(quiet)).isFalse();
        }
    }

    @Test
    void whatOnlyScreensCanShowIsOutOfGamutAndComesBackDuller() {
        for (int loud : new int[] {0x00ff00, 0x0000ff, 0xff00ff, 0x00ffff}) {
            assertThat(proof.isOutOfGamut(loud)).as(Integer.toHexString(loud)).isTrue();
        }
        double[] green = proof.of(0x00ff00);
        assertThat(green[1]).isLessThan(200);
        assertThat(green[3]).isGreaterThan(20);
    }

    @Test
    void aPictureIsShownAsPrintedAndWhatIsLostIsStriped() {
        BufferedImage image = new BufferedImage(40, 10, BufferedImage.TYPE_INT_ARGB_PRE);
        for (int y = 0; y < 10; y++) {
            for (int x = 0; x < 20; x++) {
                image.setRGB(x, y, x < 10 ? 0xff00ff00 : 0x80c8a08c);
            }
        }
        BufferedImage marked = copy(image);
        assertThat(proof.show(image, SoftProof.Shown.AS_PRINTED)).isCloseTo(0.5, within(1e-9));
        assertThat(image.getRGB(30, 5)).isZero();
        assertThat(image.getRGB(2, 2) >> 8 & 255).isLessThan(200);
        assertThat(image.getRGB(15, 5) >>> 24).isEqualTo(0x80);
        assertThat((image.getRGB(15, 5) >> 16 & 255)).isCloseTo(0xc8, within(6));
        proof.show(marked, SoftProof.Shown.MARKED);
        int striped = 0;
        for (int x = 0; x < 10; x++) {
            striped += marked.getRGB(x, 5) != image.getRGB(x, 5) ? 1 : 0;
        }
        assertThat(striped).isBetween(3, 7);
        assertThat(marked.getRGB(15, 5)).isEqualTo(image.getRGB(15, 5));
    }

    private static BufferedImage copy(BufferedImage image) {
        BufferedImage copy = new BufferedImage(image.getWidth(), image.getHeight(), image.getType());
        copy.createGraphics().drawImage(image, 0, 0, null);
        return copy;
    }
}
