package rondel.formats.pdf.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.page.Page;
import rondel.formats.pdf.PdfWriter;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;

/** What fades, is masked or is tiled goes through a PDF and looks the same. */
class PdfVeilsTest {

    private static final Rgba SEA = new Rgba(0x1f, 0x6f, 0x6b, 255);
    private static final Rgba CORAL = new Rgba(0xe0, 0x70, 0x5a, 255);
    private static final double PPI = 100;

    private static Element box(double x, double y, double w, double h, Paint fill) {
        return ShapeElement.filled("", Outline.rectangle(new Box(x, y, w, h)), fill);
    }

    private static Page page(List<Element> elements) {
        return new Page("Page", 80, 60, Optional.of(Rgba.WHITE), elements, Map.of());
    }

    private static BufferedImage painted(Page page) {
        return PageRaster.paint(page, PixelSize.atPpi(page, PPI), Fixtures.PICTURES);
    }

    /** Writes elements, reads them back, and compares both pictures: the share of pixels that differ visibly. */
    private static Artwork through(Element... elements) throws Exception {
        Page page = page(List.of(elements));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfWriter.write(page, Fixtures.PICTURES, out);
        Artwork back = PdfReader.read(out.toByteArray(), "page.pdf", 1);
        BufferedImage before = painted(page);
        BufferedImage after = painted(page(back.elements()));
        int off = 0;
        for (int y = 0; y < before.getHeight(); y++) {
            for (int x = 0; x < before.getWidth(); x++) {
                off += differs(before.getRGB(x, y), after.getRGB(x, y)) ? 1 : 0;
            }
        }
        assertThat((double) off / before.getWidth() / before.getHeight()).isLessThan(0.01);
        assertThat(back.findings()).isEmpty();
        return back;
    }

    private static boolean differs(int a, int b) {
        for (int shift = 0; shift < 24; shift += 8) {
            if (Math.abs((a >> shift & 255) - (b >> shift & 255)) > 12) {
                return true;
            }
        }
        return false;
    }

    private static List<Element> everything(Artwork artwork) {
        return artwork.elements().stream().flatMap(GroupElement::everything).toList();
    }

    @Test
    void aGroupThatFadesAsOneIsOneGroup() throws Exception {
        Element group = GroupElement.of(
                Traits.named("").withOpacity(0.4),
                List.of(box(10, 10, 30, 30, Paint.solid(SEA)), box(25, 20, 30, 30, Paint.solid(CORAL))));
        Artwork back = through(group);
        assertThat(everything(back)).anyMatch(e -> e instanceof GroupElement && Math.abs(e.opacity() - 0.4) < 0.01);
    }

    @Test
    void aMaskOfLightAndOneOfAlphaHideWhatTheyDid() throws Exception {
        Paint fading = new Paint.Linear(
                10,
                0,
                70,
                0,
                List.of(new Paint.Stop(0, Rgba.WHITE), new Paint.Stop(1, Rgba.BLACK)),
                Paint.Spread.PAD,
                Affine.IDENTITY);
        for (Mask.Kind kind : Mask.Kind.values()) {
            Paint through = kind == Mask.Kind.LUMINANCE ? fading : Paint.solid(SEA);
            Mask mask = new Mask(List.of(box(10, 10, 40, 30, through)), new Box(5, 5, 60, 50), kind);
            Element masked = new GroupElement(
                    Traits.named(""),
                    List.of(box(0, 0, 80, 60, Paint.solid(CORAL))),
                    Optional.empty(),
                    Optional.of(mask));
            Artwork back = through(masked);
            assertThat(everything(back))
                    .anyMatch(e -> e instanceof GroupElement g
                            && g.mask().filter(m -> m.kind() == kind).isPresent());
        }
    }

    @Test
    void tilesAreTiles() throws Exception {
        Paint tiles = new Paint.Tiles(
                new Box(0, 0, 8, 6),
                List.of(box(1, 1, 3, 2, Paint.solid(SEA)), box(5, 3, 2, 2, Paint.solid(CORAL))),
                Affine.rotate(20));
        Artwork back = through(box(10, 10, 60, 40, tiles));
        assertThat(everything(back)).anyMatch(e -> e instanceof ShapeElement s && s.fill() instanceof Paint.Tiles);
    }
}
