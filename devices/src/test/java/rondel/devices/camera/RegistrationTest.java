package rondel.devices.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.geometry.Point;
import rondel.run.registration.GreyPicture;
import rondel.run.registration.Homography;
import rondel.run.registration.MarkSearch;
import rondel.run.registration.Registration;
import rondel.words.Refusal;

/** Marks on pictures of printed sheets. */
class RegistrationTest {

    private static final double PPI = 300;

    private static Registration found(BufferedImage picture) {
        return MarkSearch.of(GreyPicture.of(picture), MadePrint.MARKS);
    }

    /** How far the design lies from where it was printed, at most, in mm. */
    private static double worst(Registration r, CameraView view) {
        Homography truth = view.map(MadePrint.WIDTH, MadePrint.HEIGHT);
        return MadePrint.places().stream()
                .mapToDouble(p -> r.map().apply(p).distanceTo(truth.apply(p)) / (PPI / 25.4))
                .max()
                .orElseThrow();
    }

    private static BufferedImage picture(CameraView view, int without, long seed) {
        return StandInCamera.picture(MadePrint.sheet(seed, without), MadePrint.WIDTH, MadePrint.HEIGHT, view);
    }

    @Test
    void onAFlatScanTheDesignLiesWhereItWasPrinted() {
        CameraView view = CameraView.flat(PPI);
        Registration r = found(picture(view, -1, 1));
        assertThat(worst(r, view)).isLessThan(0.01);
        assertThat(r.residual()).isLessThan(0.02);
        assertThat(r.pixelsPerMm(new Point(60, 45))).isCloseTo(PPI / 25.4, org.assertj.core.data.Offset.offset(0.01));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void onAPictureByHandItDoesTooWithinATenth(long seed) {
        CameraView view = CameraView.byHand(PPI, seed);
        Registration r = found(picture(view, -1, seed));
        assertThat(worst(r, view)).isLessThan(0.15);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3})
    void aMarkThatIsNotThereIsNamedAndNothingIsGuessed(int without) {
        BufferedImage picture = picture(CameraView.byHand(PPI, 40 + without), without, 9);
        assertThatThrownBy(() -> found(picture)).isInstanceOf(Refusal.class).hasMessageContaining("Nothing is cut");
    }

    @Test
    void aPictureOfSomethingElseIsRefused() {
        BufferedImage nothing = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
        assertThatThrownBy(() -> found(nothing)).isInstanceOf(Refusal.class);
    }
}
