package rondel.catalogue;

import java.awt.image.BufferedImage;
import java.util.Base64;
import rondel.job.Media;

/** A plain picture of 4 x 2 px, for the examples. */
final class ExamplePicture {

    private static final String PNG =
            "iVBORw0KGgoAAAANSUhEUgAAAAQAAAACCAIAAADwyuo0AAAAEElEQVR42mOQz8+GIwZkDgBi4gfJsK7J9wAAAABJRU5ErkJggg==";

    private ExamplePicture() {}

    static Media media() {
        byte[] bytes = Base64.getDecoder().decode(PNG);
        return new Media(Media.idOf(bytes), "png", new Media.Bytes(bytes, new Plain(bytes)), 4, 2, 1);
    }

    /** Knows this picture alone. */
    private record Plain(byte[] bytes) implements Media.Codec {

        @Override
        public BufferedImage pixels(Media media) {
            return new BufferedImage(4, 2, BufferedImage.TYPE_INT_RGB);
        }

        @Override
        public byte[] png(BufferedImage image) {
            return bytes.clone();
        }
    }
}
