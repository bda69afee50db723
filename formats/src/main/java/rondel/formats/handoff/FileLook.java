package rondel.formats.handoff;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.JpegChoice;
import rondel.formats.page.Page;
import rondel.formats.png.JpegWriter;
import rondel.formats.png.PageRaster;
import rondel.formats.png.PixelSize;
import rondel.formats.png.PngWriter;
import rondel.formats.proof.SoftProof;
import rondel.job.HandOffOutput;
import rondel.job.Rgba;
import rondel.paint.PictureSource;

/** How a file of a set looks before it is made, and how large it will be.
 *
 * @param picture of its first page; none for a table
 * @param words the first lines of a table; else empty
 * @param bytes how many it will have: exact for drawings and tables, guessed for what is made of pixels
 * @param outOfGamut for a print shop: the share of what is printed that the press has no colour for, from 0 to 1 */
public record FileLook(Optional<BufferedImage> picture, String words, long bytes, double outOfGamut) {

    /** How much of a table is shown. */
    private static final int LINES = 12;

    /** Between these lies how bytes grow with pixels: edges grow as a picture's side, noise as its area. */
    private static final double LEAST_GROWTH = 0.5;

    private static final double MOST_GROWTH = 1;

    /** Works it out; slow.
     *
     * @param side of the picture at most, in pixels */
    public static FileLook of(PlannedFile file, int side, PictureSource pictures) throws IOException {
        if (file.pages().isEmpty()) {
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            file.content().write(all);
            String text = all.toString(StandardCharsets.UTF_8);
            String head = String.join("\n", text.lines().limit(LINES).toList());
            return new FileLook(Optional.empty(), head, all.size(), 0);
        }
        Page page = file.pages().getFirst();
        BufferedImage image = PageRaster.paint(page, within(page, side), pictures);
        long bytes = file.pixels().isPresent() ? guessed(file, image, page, pictures) : counted(file);
        // What goes to a press is shown as the press prints it.
        double lost = file.output().what() == HandOffOutput.What.PRINT_READY
                ? SoftProof.shipped().show(image, SoftProof.Shown.AS_PRINTED)
                : 0;
        return new FileLook(Optional.of(image), "", bytes, lost);
    }

    private static PixelSize within(Page page, int side) {
        return PixelSize.atPpi(page, side * 25.4 / Math.max(page.width(), page.height()));
    }

    private static long counted(PlannedFile file) throws IOException {
        Counted counted = new Counted();
        file.content().write(counted);
        return counted.bytes;
    }

    /** From two small pictures: how much more the larger has tells how much more the file will have. */
    private static long guessed(PlannedFile file, BufferedImage shown, Page page, PictureSource pictures)
            throws IOException {
        boolean jpeg = ExportFormat.of(Path.of(file.name())) == ExportFormat.JPG;
        int side = Math.max(shown.getWidth(), shown.getHeight());
        // What JPEG makes of smooth areas shows in larger pictures only.
        BufferedImage large = jpeg ? PageRaster.paint(page, within(page, side * 3), pictures) : shown;
        BufferedImage small = jpeg ? shown : PageRaster.paint(page, within(page, side / 2), pictures);
        double b1 = encoded(small, jpeg);
        double b2 = encoded(large, jpeg);
        double n1 = (double) small.getWidth() * small.getHeight();
        double n2 = (double) large.getWidth() * large.getHeight();
        PixelSize all = file.pixels().orElseThrow();
        double growth = Math.clamp(Math.log(b2 / b1) / Math.log(n2 / n1), LEAST_GROWTH, MOST_GROWTH);
        return Math.round(b2 * Math.pow((double) all.width() * all.height() / n2, growth));
    }

    private static long encoded(BufferedImage image, boolean jpeg) throws IOException {
        Counted counted = new Counted();
        if (jpeg) {
            JpegWriter.write(image, 72, JpegChoice.USUAL.quality(), Rgba.WHITE, counted);
        } else {
            PngWriter.write(image, 72, counted);
        }
        return counted.bytes;
    }

    /** Takes all and keeps nothing but the count. */
    private static final class Counted extends OutputStream {
        private long bytes;

        @Override
        public void write(int b) {
            bytes++;
        }

        @Override
        public void write(byte[] b, int off, int len) {
            bytes += len;
        }
    }
}
