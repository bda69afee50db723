package rondel.formats.png;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import rondel.formats.page.Page;
import rondel.job.Job;
import rondel.paint.PictureSource;

/** The small picture of a job's first sheet that its file carries. */
public final class JobPreview {

    private static final int LONGEST_SIDE = 256;

    private JobPreview() {}

    public static byte[] png(Job job, PictureSource pictures) {
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        double ratio = Math.min(1, page.width() / page.height());
        PixelSize size = PixelSize.ofWidth(page, (int) Math.max(1, Math.round(LONGEST_SIDE * ratio)));
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
