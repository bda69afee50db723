package rondel.formats.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkKind;
import rondel.formats.files.FileName;
import rondel.geometry.Box;
import rondel.job.Media;
import rondel.job.PictureElement;
import rondel.job.Sheet;
import rondel.job.Traits;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.words.Refusal;
import rondel.words.Words;

/** PNG and JPEG files to pictures at the size that their dots per inch say; a file that says none has 300. */
public final class PictureReader {

    /** The dots per inch of a picture that does not say. */
    public static final double USUAL_PPI = 300;

    private static final long MOST_PIXELS = 400_000_000L;

    private PictureReader() {}

    /** @param file how to call it in findings and refusals */
    public static Artwork read(byte[] bytes, String file) {
        Media media = media(bytes, file);
        if (!media.isReadable()) {
            throw Refusal.of("picture.broken", file);
        }
        PictureTags tags = PictureTags.of(bytes);
        double ppiX = tags.ppi().map(PictureTags.Ppi::x).orElse(USUAL_PPI);
        double ppiY = tags.ppi().map(PictureTags.Ppi::y).orElse(USUAL_PPI);
        boolean turned = tags.orientation() >= 5;
        double width = media.width() * 25.4 / (turned ? ppiY : ppiX);
        double height = media.height() * 25.4 / (turned ? ppiX : ppiY);
        if (Math.max(width, height) > 4 * Sheet.LONGEST) {
            throw Refusal.of(
                    "svg.tooLarge", file, Math.round(width), Math.round(height), (int) (4 * Sheet.LONGEST) / 1000);
        }
        String name = FileName.stem(file);
        List<Finding> findings = tags.ppi().isPresent()
                ? List.of()
                : List.of(Finding.of(Severity.NOTE, "picture.noPpi", name, (int) USUAL_PPI));
        PictureElement picture = new PictureElement(Traits.named(name), media.id(), new Box(0, 0, width, height));
        return new Artwork(name, width, height, List.of(picture), List.of(media), findings);
    }

    /** The picture's bytes with what must be known to show it, without decoding its pixels.
     *
     * @throws Refusal if it is no PNG or JPEG, cut short in its header, or too large to hold */
    public static Media media(byte[] bytes, String file) {
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            while (readers.hasNext()) {
                ImageReader reader = readers.next();
                Optional<String> extension = extension(reader.getFormatName());
                if (extension.isPresent()) {
                    return measured(bytes, file, reader, in, extension.get());
                }
            }
        } catch (IOException | RuntimeException e) {
            if (e instanceof Refusal refusal) {
                throw refusal;
            }
            throw new Refusal(Words.of("picture.broken", file), e);
        }
        throw Refusal.of("picture.unknown", file);
    }

    private static Media measured(byte[] bytes, String file, ImageReader reader, ImageInputStream in, String extension)
            throws IOException {
        try {
            reader.setInput(in, false, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if (width <= 0 || height <= 0 || (long) width * height > MOST_PIXELS) {
                throw Refusal.of("picture.tooLarge", file, width, height, MOST_PIXELS / 1_000_000);
            }
            if (!PictureEnd.isWhole(bytes, extension)) {
                throw Refusal.of("picture.broken", file);
            }
            int orientation = PictureTags.of(bytes).orientation();
            boolean turned = orientation >= 5;
            return new Media(
                    Media.idOf(bytes),
                    extension,
                    new Media.Bytes(bytes, PictureCodec.FULL_SIZE),
                    turned ? height : width,
                    turned ? width : height,
                    orientation);
        } finally {
            reader.dispose();
        }
    }

    private static Optional<String> extension(String format) {
        return ArtworkKind.ofName("picture." + format)
                .filter(ArtworkKind::isPicture)
                .map(ArtworkKind::ending);
    }
}
