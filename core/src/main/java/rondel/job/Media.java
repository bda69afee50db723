package rondel.job;

import java.awt.image.BufferedImage;
import java.util.Optional;

/** A picture file as it came, byte for byte.
 *
 * @param extension without a dot, lower case: {@code png} or {@code jpg}
 * @param width in pixels, after turning by {@code orientation}
 * @param height in pixels, after turning
 * @param orientation the EXIF orientation, 1 to 8, that brings the stored pixels upright */
public record Media(MediaId id, String extension, Bytes bytes, int width, int height, int orientation) {

    public static MediaId idOf(byte[] bytes) {
        return new MediaId(Checksum.of(bytes));
    }

    /** Makes pixels of a picture file, and files of pixels: core knows no file format, so who read the file says how. */
    public interface Codec {
        BufferedImage pixels(Media media);

        /** Whether all of its pixels can be read; slow, and takes little memory. */
        default boolean reads(Media media) {
            return true;
        }

        /** Pixels as a PNG file, without loss.
         *
         * @throws rondel.words.Refusal where it only reads */
        default byte[] png(BufferedImage image) {
            throw rondel.words.Refusal.of("picture.readOnly");
        }
    }

    /** Other pixels, as a picture of its own that is read the same way.
     *
     * @throws rondel.words.Refusal if they can't be written */
    public Media withPixels(BufferedImage image) {
        byte[] png = bytes.codec.png(image);
        return new Media(idOf(png), "png", new Bytes(png, bytes.codec), image.getWidth(), image.getHeight(), 1);
    }

    /** Its pixels, upright in sRGB, at full size; decoded each time.
     *
     * @throws rondel.words.Refusal if they can't be read */
    public BufferedImage pixels() {
        return bytes.codec.pixels(this);
    }

    /** Whether all of its pixels can be read. Slow the first time. */
    public boolean isReadable() {
        Optional<Boolean> known = bytes.readable;
        if (known.isEmpty()) {
            known = Optional.of(bytes.codec.reads(this));
            bytes.readable = known;
        }
        return known.get();
    }

    /** Told by who has read all of its pixels, so that nobody reads them to find out. */
    public void wasRead() {
        bytes.readable = Optional.of(true);
    }

    /** Bytes that are never changed; two are equal when they hold the same. */
    public static final class Bytes {
        private final byte[] content;
        private final Codec codec;

        /** Told from the content, once. */
        private volatile Optional<Boolean> readable = Optional.empty();

        public Bytes(byte[] content, Codec codec) {
            this.content = content.clone();
            this.codec = codec;
        }

        public byte[] content() {
            return content.clone();
        }

        public int length() {
            return content.length;
        }

        /** Reads without a copy. */
        public java.io.InputStream open() {
            return new java.io.ByteArrayInputStream(content);
        }

        @Override
        public boolean equals(Object other) {
            return other instanceof Bytes b && java.util.Arrays.equals(content, b.content);
        }

        @Override
        public int hashCode() {
            return java.util.Arrays.hashCode(content);
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Media m && id.equals(m.id) && extension.equals(m.extension);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }
}
