package rondel.formats.artwork;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.formats.svg.SvgReader;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.units.LengthUnit;

/** A square of 20 mm, 10 mm from the left and 30 mm from the top of a page of 100 by 80 mm. */
class ArtworkPlacementTest {

    private static Artwork square() {
        byte[] file = ("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='80mm' viewBox='0 0 100 80'>"
                        + "<rect x='10' y='30' width='20' height='20'/></svg>")
                .getBytes(StandardCharsets.UTF_8);
        return SvgReader.read(new ByteArrayInputStream(file), "square.svg", Fixtures.FONTS);
    }

    private static Sheet sheet(double width, double height) {
        return Job.blank("Placed", LengthUnit.MM, width, height).sheets().getFirst();
    }

    private static Box box(ArtworkPlacement.Placed placed) {
        return Extent.of(placed.operation().elements().getFirst(), Affine.IDENTITY)
                .orElseThrow();
    }

    @Test
    void onASheetOfItsPagesSizeADrawingStaysWhereItIsDrawn() {
        assertThat(box(ArtworkPlacement.CENTRED.onto(sheet(100, 80), square()))).isEqualTo(new Box(10, 30, 20, 20));
    }

    @Test
    void onOtherSheetsItComesIntoTheMiddle() {
        assertThat(box(ArtworkPlacement.CENTRED.onto(sheet(100, 100), square())))
                .isEqualTo(new Box(40, 40, 20, 20));
        assertThat(box(ArtworkPlacement.CENTRED.onto(sheet(10, 20), square()))).isEqualTo(new Box(0, 5, 10, 10));
    }

    @Test
    void whoSaysWhereOrHowLargeIsFollowed() {
        assertThat(box(ArtworkPlacement.centredAt(square(), sheet(100, 80), new Point(60, 50))))
                .isEqualTo(new Box(50, 40, 20, 20));
        assertThat(box(new ArtworkPlacement(OptionalDouble.of(40), OptionalDouble.empty(), Optional.empty())
                        .onto(sheet(100, 80), square())))
                .isEqualTo(new Box(30, 20, 40, 40));
        assertThat(box(new ArtworkPlacement(
                                OptionalDouble.empty(), OptionalDouble.empty(), Optional.of(new Point(1, 2)))
                        .onto(sheet(100, 80), square())))
                .isEqualTo(new Box(1, 2, 20, 20));
    }
}
