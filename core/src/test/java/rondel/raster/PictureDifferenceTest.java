package rondel.raster;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;

class PictureDifferenceTest {

    private static BufferedImage picture(int w, int h, Rectangle... ink) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, w, h);
        g.setColor(Color.BLACK);
        for (Rectangle r : ink) {
            g.fill(r);
        }
        g.dispose();
        return image;
    }

    @Test
    void whatHangsTogetherIsOnePlace() {
        BufferedImage then = picture(200, 100, new Rectangle(10, 10, 30, 30));
        BufferedImage now = picture(200, 100, new Rectangle(10, 10, 30, 30), new Rectangle(101, 51, 40, 20));
        assertThat(PictureDifference.of(then, then)).isEmpty();
        assertThat(PictureDifference.of(then, now)).hasSize(1);
        Rectangle place = PictureDifference.of(then, now).getFirst();
        assertThat(place.contains(new Rectangle(101, 51, 40, 20))).isTrue();
        assertThat(place.width).isLessThan(60);
        // Moved: where it was, and where it is.
        BufferedImage moved = picture(200, 100, new Rectangle(150, 60, 30, 30));
        assertThat(PictureDifference.of(then, moved)).hasSize(2);
    }

    @Test
    void whatTheOtherLacksDiffers() {
        assertThat(PictureDifference.of(picture(100, 100), picture(150, 100)))
                .containsExactly(new Rectangle(96, 0, 54, 100));
    }
}
