package rondel.formats.png;

import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import javax.imageio.stream.MemoryCacheImageOutputStream;
import rondel.job.Rgba;
import rondel.paint.Colours;

/** A page as a JPEG file whose colours say that they are sRGB; JPEG has no alpha. */
public final class JpegWriter {

    private static final String FORMAT = "javax_imageio_jpeg_image_1.0";

    private JpegWriter() {}

    /** @param quality from 0 to 1
     *  @param matte what is seen where the picture is transparent */
    public static void write(BufferedImage painted, double ppi, double quality, Rgba matte, OutputStream out)
            throws IOException {
        BufferedImage image = new BufferedImage(painted.getWidth(), painted.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Colours.awt(matte.withAlpha(255)));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.drawImage(painted, 0, 0, null);
        g.dispose();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream stream = new MemoryCacheImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality((float) quality);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, density(writer, image, how, ppi)), how);
        } finally {
            writer.dispose();
        }
    }

    private static IIOMetadata density(ImageWriter writer, BufferedImage image, ImageWriteParam how, double ppi)
            throws IOException {
        IIOMetadata metadata = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), how);
        if (metadata.getNativeMetadataFormatName().equals(FORMAT)) {
            IIOMetadataNode root = (IIOMetadataNode) metadata.getAsTree(FORMAT);
            IIOMetadataNode jfif =
                    (IIOMetadataNode) root.getElementsByTagName("app0JFIF").item(0);
            if (jfif != null) {
                String density = Long.toString(Math.clamp(Math.round(ppi), 1, 65535));
                jfif.setAttribute("Xdensity", density);
                jfif.setAttribute("Ydensity", density);
                jfif.setAttribute("resUnits", "1");
                IIOMetadataNode profile = new IIOMetadataNode("app2ICC");
                profile.setUserObject(ICC_Profile.getInstance(ColorSpace.CS_sRGB));
                jfif.appendChild(profile);
                metadata.setFromTree(FORMAT, root);
            }
        }
        return metadata;
    }
}
