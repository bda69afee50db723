package rondel.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rondel.formats.Fixtures;
import rondel.formats.artwork.Artwork;
import rondel.formats.png.PngWriter;
import rondel.job.Media;
import rondel.lines.check.Finding;

class PictureReaderTest {

    /** Red at the left, blue at the right; as the camera stored it. */
    private static BufferedImage halves(int width, int height, int type) {
        BufferedImage image = new BufferedImage(width, height, type);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.setColor(Color.BLUE);
        g.fillRect(width / 2, 0, width - width / 2, height);
        g.dispose();
        return image;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    /** Puts an EXIF segment with an orientation and 150 dpi behind the start mark. */
    private static byte[] withExif(byte[] jpeg, int orientation) {
        ByteBuffer tiff = ByteBuffer.allocate(8 + 2 + 4 * 12 + 4 + 16);
        tiff.put(new byte[] {'M', 'M', 0, 42}).putInt(8).putShort((short) 4);
        tiff.putShort((short) 0x0112)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) orientation)
                .putShort((short) 0);
        tiff.putShort((short) 0x011a).putShort((short) 5).putInt(1).putInt(62);
        tiff.putShort((short) 0x011b).putShort((short) 5).putInt(1).putInt(70);
        tiff.putShort((short) 0x0128)
                .putShort((short) 3)
                .putInt(1)
                .putShort((short) 2)
                .putShort((short) 0);
        tiff.putInt(0).putInt(150).putInt(1).putInt(150).putInt(1);
        ByteBuffer all = ByteBuffer.allocate(jpeg.length + 4 + 6 + tiff.capacity());
        all.put(jpeg, 0, 2).putShort((short) 0xffe1).putShort((short) (2 + 6 + tiff.capacity()));
        all.put(new byte[] {'E', 'x', 'i', 'f', 0, 0}).put(tiff.array()).put(jpeg, 2, jpeg.length - 2);
        return all.array();
    }

    private static Color at(BufferedImage image, double across, double down) {
        return new Color(image.getRGB((int) (across * (image.getWidth() - 1)), (int) (down * (image.getHeight() - 1))));
    }

    @Test
    void aPhotoIsTurnedUprightAndAsLargeAsItsDpiSays() throws IOException {
        byte[] stored = withExif(jpeg(halves(300, 150, BufferedImage.TYPE_INT_RGB)), 6);
        Artwork art = PictureReader.read(stored, "photo.jpg");
        assertThat(art.width()).isCloseTo(25.4, within(0.01));
        assertThat(art.height()).isCloseTo(50.8, within(0.01));
        Media media = art.media().getFirst();
        BufferedImage upright = new PictureLevels(1 << 24).pixels(media, 1);
        assertThat(upright.getWidth()).isEqualTo(150);
        assertThat(at(upright, 0.5, 0.1).getRed()).isGreaterThan(200);
        assertThat(at(upright, 0.5, 0.9).getBlue()).isGreaterThan(200);
    }

    @Test
    void everyCameraTurnBringsTheRedHalfWhereItBelongs() throws IOException {
        double[][] red = {{0.1, 0.5}, {0.9, 0.5}, {0.9, 0.5}, {0.1, 0.5}, {0.5, 0.1}, {0.5, 0.1}, {0.5, 0.9}, {0.5, 0.9}
        };
        for (int turn = 1; turn <= 8; turn++) {
            byte[] stored = withExif(jpeg(halves(64, 32, BufferedImage.TYPE_INT_RGB)), turn);
            Media media = PictureReader.media(stored, "p.jpg");
            BufferedImage upright = new PictureLevels(1 << 24).pixels(media, 1);
            assertThat(at(upright, red[turn - 1][0], red[turn - 1][1]).getRed())
                    .as("turn " + turn)
                    .isGreaterThan(200);
        }
    }

    @Test
    void aPictureWithoutDpiHasThreeHundredAndAFindingSaysSo() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(halves(600, 300, BufferedImage.TYPE_INT_ARGB), "png", out);
        Artwork art = PictureReader.read(out.toByteArray(), "plain.png");
        assertThat(art.width()).isCloseTo(50.8, within(1e-9));
        assertThat(art.findings()).extracting(Finding::code).containsExactly("picture.noPpi");
    }

    @Test
    void sixteenBitGreyAndPalettePicturesKeepTheirTones() throws IOException {
        BufferedImage grey16 = new BufferedImage(8, 8, BufferedImage.TYPE_USHORT_GRAY);
        WritableRaster raster = grey16.getRaster();
        for (int i = 0; i < 64; i++) {
            raster.setSample(i % 8, i / 8, 0, 0x8080);
        }
        for (BufferedImage image :
                new BufferedImage[] {grey16, grey(BufferedImage.TYPE_BYTE_GRAY), grey(BufferedImage.TYPE_BYTE_INDEXED)
                }) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            Media media = PictureReader.media(out.toByteArray(), "grey.png");
            Color c = at(new PictureLevels(1 << 24).pixels(media, 1), 0.5, 0.5);
            assertThat(c.getRed()).isCloseTo(128, within(26));
            if (image.getType() != BufferedImage.TYPE_BYTE_INDEXED) {
                assertThat(c.getRed()).isCloseTo(128, within(1));
            }
        }
    }

    private static BufferedImage grey(int type) {
        BufferedImage image = new BufferedImage(8, 8, type);
        if (type == BufferedImage.TYPE_BYTE_GRAY) {
            for (int i = 0; i < 64; i++) {
                image.getRaster().setSample(i % 8, i / 8, 0, 128);
            }
            return image;
        }
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(128, 128, 128));
        g.fillRect(0, 0, 8, 8);
        g.dispose();
        return image;
    }

    @Test
    void aCmykJpegBecomesColoursForTheScreen() {
        byte[] bytes = Fixtures.resource("/rondel/formats/pictures/red-cmyk.jpg");
        Media media = PictureReader.media(bytes, "red-cmyk.jpg");
        Color c = at(new PictureLevels(1 << 24).pixels(media, 1), 0.5, 0.5);
        assertThat(c.getRed()).isGreaterThan(150);
        assertThat(c.getGreen()).isLessThan(100);
        assertThat(c.getBlue()).isLessThan(100);
    }

    @Test
    void smallerLevelsAreReadForSmallPicturesAndMemoryStaysWithinItsLimit() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PngWriter.write(halves(4000, 2400, BufferedImage.TYPE_INT_RGB), 300, out);
        Media media = PictureReader.media(out.toByteArray(), "large.png");
        PictureLevels levels = new PictureLevels(1 << 20);
        BufferedImage eighth = levels.pixels(media, 0.125);
        assertThat(eighth.getWidth()).isBetween(500, 520);
        assertThat(at(eighth, 0.2, 0.5)).isEqualTo(Color.RED);
        assertThat(levels.pixels(media, 0.125)).isSameAs(eighth);
    }

    @Test
    void aShippedPictureKeepsItsTransparency() {
        Artwork art = Fixtures.demo("pictures/sea-wash.png");
        BufferedImage pixels = Fixtures.PICTURES.pixels(art.media().getFirst(), 1);
        assertThat(pixels.getRGB(2, 2) >>> 24).isZero();
        assertThat(pixels.getRGB(pixels.getWidth() / 2, pixels.getHeight() / 2) >>> 24)
                .isGreaterThan(100);
    }
}
