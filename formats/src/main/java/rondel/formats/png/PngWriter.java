package rondel.formats.png;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.function.BiConsumer;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import rondel.formats.page.Page;
import rondel.job.Element;
import rondel.paint.PictureSource;

/** A page as a PNG file whose pHYs tag says its true size, and whose sRGB tag says what its colours are. */
public final class PngWriter {

    private PngWriter() {}

    public static void write(Page page, PixelSize size, PictureSource pictures, OutputStream out) throws IOException {
        write(page, size, pictures, out, (e, why) -> {});
    }

    /** @param failed hears what can't be painted, and has a marked box in its place */
    public static void write(
            Page page, PixelSize size, PictureSource pictures, OutputStream out, BiConsumer<Element, Throwable> failed)
            throws IOException {
        write(PageRaster.paint(page, size, pictures, failed), size.ppi(), out);
    }

    public static void write(BufferedImage image, double ppi, OutputStream out) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        try (ImageOutputStream stream = new MemoryCacheImageOutputStream(out)) {
            IIOMetadata metadata = writer.getDefaultImageMetadata(
                    ImageTypeSpecifier.createFromBufferedImageType(image.getType()), writer.getDefaultWriteParam());
            String perMetre = Long.toString(Math.round(ppi / 0.0254));
            IIOMetadataNode size = new IIOMetadataNode("pHYs");
            size.setAttribute("pixelsPerUnitXAxis", perMetre);
            size.setAttribute("pixelsPerUnitYAxis", perMetre);
            size.setAttribute("unitSpecifier", "meter");
            IIOMetadataNode root = new IIOMetadataNode("javax_imageio_png_1.0");
            root.appendChild(size);
            IIOMetadataNode colours = new IIOMetadataNode("sRGB");
            colours.setAttribute("renderingIntent", "Perceptual");
            root.appendChild(colours);
            metadata.mergeTree("javax_imageio_png_1.0", root);
            writer.setOutput(stream);
            writer.write(new IIOImage(image, null, metadata));
        } finally {
            writer.dispose();
        }
    }
}
