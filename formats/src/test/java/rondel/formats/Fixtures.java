package rondel.formats;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import rondel.formats.artwork.Artwork;
import rondel.formats.fonts.ShippedFonts;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.reading.ArtworkReader;
import rondel.formats.svg.SvgReader;
import rondel.formats.svg.SvgWriter;
import rondel.job.Job;

/** Files to test on: the shipped drawings and a few clip art files. */
public final class Fixtures {

    public static final ShippedFonts FONTS = new ShippedFonts();
    public static final PictureLevels PICTURES = new PictureLevels(64 << 20);

    private Fixtures() {}

    public static byte[] resource(String path) {
        try (InputStream in = Fixtures.class.getResourceAsStream(path)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The names of all shipped artwork. */
    public static List<String> demoArtwork() {
        return new String(resource("/rondel/demo/artwork/index.txt"), StandardCharsets.UTF_8)
                .lines()
                .map(l -> l.replaceAll(" *\\|.*", ""))
                .toList();
    }

    public static Artwork demo(String name) {
        return new ArtworkReader(FONTS).read(resource("/rondel/demo/artwork/" + name), name);
    }

    public static Artwork svg(String text) {
        return SvgReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), "drawing.svg", FONTS);
    }

    /** A drawing of 100 x 100 mm whose user unit is one mm. */
    public static Artwork drawing(String content) {
        return svg("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'"
                + " width='100mm' height='100mm' viewBox='0 0 100 100'>" + content + "</svg>");
    }

    public static Page page(Artwork artwork) {
        Job job = artwork.asJob();
        return Page.ofSheet(job, job.sheets().getFirst().id());
    }

    public static String written(Page page) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            SvgWriter.write(page, PICTURES, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString(StandardCharsets.UTF_8);
    }
}
