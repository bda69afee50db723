package rondel.job;

import java.awt.image.BufferedImage;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A picture file as it came, byte for byte.
 *
 * @param extension without a dot, lower case: {@code png} or {@code jpg}
 * @param width in pixels, after turning by {@code orientation}
 * @param height in pixels, after turning
 * @param orientation the EXIF orientation, 1 to 8, that brings the stored pixels upright */
public record Media(MediaId id, String extension, Bytes bytes, int width, int height, int orientation) {

    public static MediaId idOf(byte[] bytes) {
        try {
            return new MediaId(HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(bytes)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Makes pixels of a picture file: core knows no file format, so who read the file says how. */
    public interface Decoder {
        BufferedImage pixels(Media media);
    }

    /** Its pixels, upright in sRGB, at full size; decoded each time.
     *
     * @throws rondel.words.Refusal if they can't be read */
    public BufferedImage pixels() {
        return bytes.decoder.pixels(this);
    }

    /** Bytes that are never changed; two are equal when they hold the same. */
    public static final class Bytes {
        private final byte[] content;
        private final Decoder decoder;

        public Bytes(byte[] content, Decoder decoder) {
            this.content = content.clone();
            this.decoder = decoder;
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
