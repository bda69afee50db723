package rondel.formats.png;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.slf4j.LoggerFactory;
import rondel.formats.page.Page;
import rondel.job.Job;
import rondel.paint.PictureSource;

/** The small picture of a job's first sheet that its file carries. */
public final class JobPreview {

    private static final int LONGEST_SIDE = 256;

    private JobPreview() {}

    /** @return nothing where it can't be painted: a job is saved all the same */
    public static Optional<byte[]> png(Job job, PictureSource pictures) {
        try {
            return Optional.of(painted(job, pictures));
        } catch (CancellationException e) {
            throw e;
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            LoggerFactory.getLogger(JobPreview.class).warn("a job has no preview", e);
            return Optional.empty();
        }
    }

    private static byte[] painted(Job job, PictureSource pictures) {
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        double ppi = LONGEST_SIDE * 25.4 / Math.max(page.width(), page.height());
        PixelSize size = PixelSize.atPpi(page, ppi);
        BufferedImage image = PageRaster.paint(page, size, pictures);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PngWriter.write(image, size.ppi(), out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
