package rondel.formats.artwork;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.units.LengthUnit;

class BesideTest {

    private static List<Box> laid(Sheet sheet, int count, ArtworkPlacement placement) {
        List<Artwork> artworks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            artworks.add(Fixtures.svg("<svg xmlns='http://www.w3.org/2000/svg' width='" + (20 + i)
                    + "mm' height='10mm'>" + "<rect width='100%' height='100%'/></svg>"));
        }
        return placement.beside(sheet, artworks, 5).stream()
                .map(p -> Extent.of(p.operation().elements().getFirst(), Affine.IDENTITY)
                        .orElseThrow())
                .toList();
    }

    private static Sheet sheet(double w, double h) {
        return Job.blank("", LengthUnit.MM, w, h).sheets().getFirst().withMargins(0, 4);
    }

    @Test
    void severalFilesGoBesideEachOtherLineByLineAsTheyAreListed() {
        List<Box> boxes = laid(sheet(100, 100), 5, ArtworkPlacement.CENTRED);

        assertThat(boxes.get(0).x()).isCloseTo(4, within(1e-9));
        assertThat(boxes.get(1).x() - boxes.get(0).right()).isCloseTo(5, within(1e-9));
        assertThat(boxes.get(2).y()).isCloseTo(4, within(1e-9));
        assertThat(boxes.get(3).y()).isCloseTo(19, within(1e-9));
        assertThat(boxes.get(3).x()).isCloseTo(4, within(1e-9));
        assertThat(boxes.get(4).width()).isCloseTo(24, within(1e-6));
    }

    @Test
    void whereTheSheetIsTooSmallAllOfThemAreSmallerByOneFactor() {
        List<Box> boxes = laid(sheet(60, 40), 12, ArtworkPlacement.CENTRED);

        assertThat(boxes).allMatch(b -> new Box(4, 4, 52, 32).grown(1e-6).contains(b));
        assertThat(boxes.get(11).width() / boxes.get(0).width()).isCloseTo(31.0 / 20, within(1e-6));
        assertThat(boxes.get(0).width()).isGreaterThan(6);
    }

    @Test
    void wantedSizesAreKept() {
        ArtworkPlacement wide = new ArtworkPlacement(OptionalDouble.of(25.4), OptionalDouble.empty(), Optional.empty());
        assertThat(laid(sheet(60, 40), 3, wide)).allMatch(b -> Math.abs(b.width() - 25.4) < 1e-9);
    }
}
