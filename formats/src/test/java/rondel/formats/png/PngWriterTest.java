package rondel.formats.png;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureReader;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class PngWriterTest {

    @Test
    void pixelsAndStatedSizeMatchTheSheet() throws Exception {
        Page page = new Page("p", 76.2, 50.8, Optional.of(Rgba.WHITE), List.of(), Map.of());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngWriter.write(page, PixelSize.atPpi(page, 300), Fixtures.PICTURES, out);
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(out.toByteArray()));
        assertThat(image.getWidth()).isEqualTo(900);
        assertThat(image.getHeight()).isEqualTo(600);
        assertThat(image.getRGB(5, 5)).isEqualTo(0xffffffff);
        Artwork read = PictureReader.read(out.toByteArray(), "p.png");
        assertThat(read.width()).isCloseTo(76.2, within(0.01));
        ByteArrayOutputStream clear = new ByteArrayOutputStream();
        PngWriter.write(page.withoutPaper(), PixelSize.atPpi(page, 300), Fixtures.PICTURES, clear);
        assertThat(ImageIO.read(new ByteArrayInputStream(clear.toByteArray())).getRGB(5, 5))
                .isZero();
    }

    @Test
    void aThingThreeInchesWideIsThreeInchesWideInEveryFile() {
        Job job = Job.blank("x", LengthUnit.IN, 304.8, 304.8);
        job = new ArtworkPlacement(
                        java.util.OptionalDouble.of(76.2),
                        java.util.OptionalDouble.empty(),
                        Optional.of(new Point(10, 10)))
                .onto(job.sheets().getFirst(), Fixtures.drawing("<path d='M3 3h50v30h-50z'/>"))
                .operation()
                .apply(job);
        ElementId id = job.sheets().getFirst().elements().getFirst().id();
        Page page = Page.ofElements(job, job.sheets().getFirst().id(), List.of(id));
        assertThat(page.width()).isCloseTo(76.2, within(1e-9));
        assertThat(PixelSize.atPpi(page, 300).width()).isEqualTo(900);
        Box box = rondel.job.Extent.of(page.elements().getFirst(), rondel.geometry.Affine.IDENTITY)
                .orElseThrow();
        assertThat(box.x()).isCloseTo(0, within(1e-9));
        assertThat(Fixtures.written(page)).contains("width=\"76.2");
    }

    @Test
    void croppingKeepsTheWholeStroke() {
        Job job = Fixtures.drawing("<path d='M20 20h30v30h-30z' fill='none' stroke='red' stroke-width='2'/>")
                .asJob();
        Job placed = new rondel.compose.arrange.Rename(List.of(new ElementId("")), "line").apply(job);
        Page page = Page.ofElements(placed, placed.sheets().getFirst().id(), List.of(new ElementId("")));
        assertThat(page.width()).isCloseTo(32, within(1e-3));
    }

    @Test
    void morePixelsThanAPictureCanHoldAreRefused() {
        Page page = new Page("p", 5000, 5000, Optional.empty(), List.of(), Map.of());
        assertThatThrownBy(() -> PixelSize.atPpi(page, 1200)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PixelSize.atPpi(page, 0)).isInstanceOf(Refusal.class);
    }
}
