package rondel.formats.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import rondel.job.Media;

/** Reads pictures at full size, and writes pixels as PNG. */
enum PictureCodec implements Media.Codec {
    FULL_SIZE;

    @Override
    public BufferedImage pixels(Media media) {
        return PictureDecoder.decode(media, 0);
    }

    @Override
    public boolean reads(Media media) {
        return PictureDecoder.reads(media);
    }

    @Override
    public byte[] png(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            if (!ImageIO.write(image, "png", out)) {
                throw new IllegalStateException("no writer for " + image);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
