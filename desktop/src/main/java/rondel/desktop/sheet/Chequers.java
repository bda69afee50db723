package rondel.desktop.sheet;

import javafx.scene.image.Image;
import javafx.scene.image.PixelWriter;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;

/** The faint chequers that stand for a transparent sheet. */
final class Chequers {

    private static final int SIDE = 8;

    private Chequers() {}

    static ImagePattern fill() {
        return new ImagePattern(image(), 0, 0, 2 * SIDE, 2 * SIDE, false);
    }

    private static Image image() {
        WritableImage image = new WritableImage(2 * SIDE, 2 * SIDE);
        PixelWriter writer = image.getPixelWriter();
        for (int y = 0; y < 2 * SIDE; y++) {
            for (int x = 0; x < 2 * SIDE; x++) {
                writer.setColor(x, y, (x < SIDE) == (y < SIDE) ? Color.WHITE : Color.rgb(0xee, 0xea, 0xe1));
            }
        }
        return image;
    }
}
