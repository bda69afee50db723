package rondel.formats.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import rondel.job.Media;

class PictureLevelsTest {

    private static Media picture(int width, int height) throws Exception {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        for (int x = 0; x < width; x += 40) {
            g.setColor(Color.getHSBColor(x / (float) width, 0.8f, 0.9f));
            g.fillRect(x, x / 3 % height, 40, height / 2);
        }
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return PictureReader.media(out.toByteArray(), "stripes.png");
    }

    private static int[] pixels(BufferedImage image) {
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }

    @Test
    void aSmallOneIsTheSameWhateverWasAskedForBefore() throws Exception {
        Media media = picture(3000, 2200);
        PictureLevels fresh = new PictureLevels(64L << 20);
        BufferedImage small = fresh.pixels(media, 0.02);
        PictureLevels used = new PictureLevels(64L << 20);
        used.pixels(media, 1);
        used.pixels(media, 0.1);
        assertThat(small.getWidth()).isEqualTo(94);
        assertThat(pixels(used.pixels(media, 0.02))).isEqualTo(pixels(small));
        assertThat(pixels(new PictureLevels(8L << 20).pixels(media, 0.02))).isEqualTo(pixels(small));
    }

    @Test
    void eachSizeIsAtLeastAsLargeAsIsAskedFor() throws Exception {
        Media media = picture(1000, 700);
        PictureLevels levels = new PictureLevels(64L << 20);
        for (double scale = 1; scale > 0.002; scale *= 0.7) {
            BufferedImage level = levels.pixels(media, scale);
            assertThat(level.getWidth()).isGreaterThanOrEqualTo((int) Math.floor(scale * 1000));
            assertThat(level.getHeight()).isGreaterThanOrEqualTo((int) Math.floor(scale * 700));
        }
    }
}
