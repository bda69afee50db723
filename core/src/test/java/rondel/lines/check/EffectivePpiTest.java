package rondel.lines.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import rondel.compose.arrange.Jobs;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Traits;

class EffectivePpiTest {

    private static final byte[] BYTES = {1, 2, 3};
    private static final Media MEDIA = new Media(
            Media.idOf(BYTES),
            "png",
            new Media.Bytes(
                    BYTES, m -> new java.awt.image.BufferedImage(1, 1, java.awt.image.BufferedImage.TYPE_INT_RGB)),
            600,
            300,
            1);

    /** 600 x 300 px on 2 x 1 in. */
    private static final Element PICTURE =
            new PictureElement(Traits.named("photo"), MEDIA.id(), new Box(0, 0, 50.8, 25.4));

    private static double ppi(Element e) {
        return EffectivePpi.of(e, Affine.IDENTITY, Map.of(MEDIA.id(), MEDIA)).orElseThrow();
    }

    @Test
    void pixelsAreCountedOnTheSheetHoweverDeepTurnedAndScaled() {
        assertThat(ppi(PICTURE)).isCloseTo(300, within(1e-9));
        Element grown = Jobs.group("g", Affine.rotate(30).times(Affine.scale(2, 2)), PICTURE);
        assertThat(ppi(grown)).isCloseTo(150, within(1e-9));
        Element stretched = Jobs.group("g", Affine.scale(1, 3), PICTURE);
        assertThat(ppi(stretched)).isCloseTo(100, within(1e-9));
    }

    @Test
    void theLeastCountsAndWhatHoldsNoPictureHasNone() {
        Element both = Jobs.group("g", Affine.IDENTITY, PICTURE, Jobs.group("h", Affine.scale(4, 4), PICTURE));
        assertThat(ppi(both)).isCloseTo(75, within(1e-9));
        Element hidden = Jobs.group(
                "g",
                Affine.IDENTITY,
                PICTURE,
                Jobs.group("h", Affine.scale(4, 4), PICTURE).with(t -> t.withHidden(true)));
        assertThat(ppi(hidden)).isCloseTo(300, within(1e-9));
        assertThat(EffectivePpi.of(Jobs.box("b", 0, 0, 1, 1), Affine.IDENTITY, Map.of()))
                .isEmpty();
    }
}
