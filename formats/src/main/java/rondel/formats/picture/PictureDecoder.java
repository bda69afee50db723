package rondel.formats.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.color.ColorSpace;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import rondel.job.Media;
import rondel.words.Refusal;
import rondel.words.Words;

/** Picture files to upright sRGB pixels, halved as often as asked. Their bytes are in memory: no file is kept beside them, that
 *  would be closed under the reader when the program ends. */
final class PictureDecoder {

    /** Pictures of more pixels than this are thinned while they are read, so that they never lie whole in memory. */
    private static final long LARGE = 6_000_000;

    /** A decoded picture takes four bytes a pixel, and is copied once or twice on the way. */
    private static final long PART_OF_MEMORY = 16;

    private PictureDecoder() {}

    static BufferedImage decode(Media media, int halvings) {
        if ((long) media.width() * media.height() >> 2 * halvings
                > Runtime.getRuntime().maxMemory() / PART_OF_MEMORY) {
            throw Refusal.of("picture.noMemory", media.width(), media.height());
        }
        boolean thin = halvings > 1 && (long) media.width() * media.height() > LARGE;
        int step = thin ? 1 << halvings - 1 : 1;
        BufferedImage pixels = upright(standard(read(media, step)), media.orientation());
        media.wasRead();
        return halved(pixels, thin ? 1 : halvings);
    }

    /** A picture of half the size, as often as asked. */
    static BufferedImage halved(BufferedImage image, int times) {
        BufferedImage pixels = image;
        for (int i = 0; i < times; i++) {
            pixels = halved(pixels);
        }
        return pixels;
    }

    /** One pixel of every so many each way.
     *
     * @throws Refusal if any pixel can't be read */
    private static BufferedImage read(Media media, int step) {
        try (ImageInputStream in = new MemoryCacheImageInputStream(media.bytes().open())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refusal.of("picture.unknown", media.id());
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                ImageReadParam how = reader.getDefaultReadParam();
                how.setSourceSubsampling(step, step, 0, 0);
                return reader.read(0, how);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            throw e instanceof Refusal r ? r : new Refusal(Words.of("picture.broken", media.id()), e);
        }
    }

    /** Whether all of a picture's pixels can be decoded; hardly any of them are kept. */
    static boolean reads(Media media) {
        try {
            long pixels = (long) media.width() * media.height();
            int step = (int) Math.max(1, Math.sqrt(pixels / 250_000.0));
            read(media, step);
            return true;
        } catch (Refusal e) {
            return false;
        }
    }

    /** Premultiplied sRGB. Greys keep their values: Java would take them as linear light and brighten them. */
    private static BufferedImage standard(BufferedImage read) {
        boolean grey = read.getColorModel().getColorSpace().getType() == ColorSpace.TYPE_GRAY
                && read.getType() != BufferedImage.TYPE_BYTE_GRAY;
        int type = read.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB_PRE : BufferedImage.TYPE_INT_RGB;
        BufferedImage result =
                new BufferedImage(read.getWidth(), read.getHeight(), grey ? BufferedImage.TYPE_INT_ARGB : type);
        if (grey) {
            copyGrey(read, result);
            return grey && !read.getColorModel().hasAlpha() ? result : premultiplied(result);
        }
        Graphics2D g = result.createGraphics();
        g.drawImage(read, 0, 0, null);
        g.dispose();
        return result;
    }

    private static void copyGrey(BufferedImage from, BufferedImage to) {
        Raster raster = from.getRaster();
        int bits = from.getColorModel().getComponentSize(0);
        double scale = 255.0 / ((1L << bits) - 1);
        boolean alpha = raster.getNumBands() > 1;
        int[] samples = new int[raster.getNumBands()];
        for (int y = 0; y < from.getHeight(); y++) {
            for (int x = 0; x < from.getWidth(); x++) {
                raster.getPixel(x, y, samples);
                int v = (int) Math.round(samples[0] * scale);
                int a = alpha ? (int) Math.round(samples[1] * scale) : 255;
                to.setRGB(x, y, a << 24 | v << 16 | v << 8 | v);
            }
        }
    }

    private static BufferedImage premultiplied(BufferedImage image) {
        BufferedImage result = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = result.createGraphics();
        g.drawImage(image, 0, 0, null);
        g.dispose();
        return result;
    }

    private static BufferedImage halved(BufferedImage image) {
        int width = Math.max(1, (image.getWidth() + 1) / 2);
        int height = Math.max(1, (image.getHeight() + 1) / 2);
        BufferedImage result = new BufferedImage(width, height, image.getType());
        Graphics2D g = result.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, 0, 0, width, height, null);
        g.dispose();
        return result;
    }

    /** Undoes the camera's turn (EXIF 2.3, tag 0x0112). */
    private static BufferedImage upright(BufferedImage image, int orientation) {
        if (orientation <= 1 || orientation > 8) {
            return image;
        }
        int w = image.getWidth();
        int h = image.getHeight();
        boolean turned = orientation >= 5;
        AffineTransform t =
                switch (orientation) {
                    case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
                    case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
                    case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
                    case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
                    case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
                    case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
                    default -> new AffineTransform(0, -1, 1, 0, 0, w);
                };
        BufferedImage result = new BufferedImage(turned ? h : w, turned ? w : h, image.getType());
        Graphics2D g = result.createGraphics();
        g.drawImage(image, t, null);
        g.dispose();
        return result;
    }
}
