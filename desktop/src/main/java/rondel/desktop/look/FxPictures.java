package rondel.desktop.look;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.nio.IntBuffer;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** Painted pictures for the toolkit. */
public final class FxPictures {

    private FxPictures() {}

    /** The same pixels, not copied.
     *
     * @param image of the painter's own kind, premultiplied ARGB */
    public static Image of(BufferedImage image) {
        if (image.getType() != BufferedImage.TYPE_INT_ARGB_PRE) {
            throw new IllegalArgumentException("another kind of picture: " + image.getType());
        }
        int[] pixels = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        return new WritableImage(new PixelBuffer<>(
                image.getWidth(), image.getHeight(), IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance()));
    }
}
