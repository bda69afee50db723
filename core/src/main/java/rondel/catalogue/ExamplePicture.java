package rondel.catalogue;

import java.util.Base64;
import rondel.job.Media;

/** A plain picture of 4 x 2 px, for the examples. */
final class ExamplePicture {

    private static final String PNG =
            "iVBORw0KGgoAAAANSUhEUgAAAAQAAAACCAIAAADwyuo0AAAAEElEQVR42mOQz8+GIwZkDgBi4gfJsK7J9wAAAABJRU5ErkJggg==";

    private ExamplePicture() {}

    static Media media() {
        byte[] bytes = Base64.getDecoder().decode(PNG);
        return new Media(
                Media.idOf(bytes),
                "png",
                new Media.Bytes(
                        bytes, m -> new java.awt.image.BufferedImage(4, 2, java.awt.image.BufferedImage.TYPE_INT_RGB)),
                4,
                2,
                1);
    }
}
