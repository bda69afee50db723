package rondel.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.formats.Fixtures.page;
import static rondel.formats.Fixtures.svg;
import static rondel.formats.Fixtures.written;

import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import rondel.formats.page.Page;

/** Any drawing looks the same to us as to another reader, and so does what we write of it. */
class RandomSvgTest {

    private static final double PX = 25.4 / 96;
    private static final int DRAWINGS = 70;
    private static final double NEARLY_ALL = 0.006;

    @Test
    void drawingsLookAsTheyDoToAnotherReader() throws Exception {
        for (int seed = 0; seed < DRAWINGS; seed++) {
            String drawing = new RandomSvg(seed).drawing();
            BufferedImage theirs = OtherReader.seen(drawing, 300 * PX);
            BufferedImage ours = OtherReader.painted(page(svg(drawing)));
            assertThat(OtherReader.difference(ours, theirs))
                    .as("seed %d: %s", seed, drawing)
                    .isLessThan(NEARLY_ALL);
        }
    }

    @Test
    void whatIsWrittenOfThemLooksTheSameToAnotherReader() throws Exception {
        for (int seed = 1000; seed < 1000 + DRAWINGS; seed++) {
            Page page = page(svg(new RandomSvg(seed).drawing()));
            assertThat(OtherReader.difference(OtherReader.painted(page), OtherReader.seen(written(page), page.width())))
                    .as("seed %d", seed)
                    .isLessThan(NEARLY_ALL);
        }
    }
}
