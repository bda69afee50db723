package rondel.desktop.run;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import rondel.formats.export.ExportFormat;
import rondel.formats.export.ExportRequest;
import rondel.formats.export.ExportWhat;
import rondel.formats.export.Exporting;
import rondel.formats.page.Page;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.paint.Painter;
import rondel.paint.PictureSource;

/** What is printed on a sheet as a picture for the screen; slow. */
final class PrintedArtwork {

    /** Its longer side, in px: sharp enough on the screens of desks. */
    private static final double LONGEST = 2000;

    private PrintedArtwork() {}

    static HalvedImages of(Job job, Sheet sheet, PictureSource pictures) {
        Page page = Exporting.outputs(
                        job,
                        ExportRequest.of(ExportFormat.PNG, sheet.id())
                                .withWhat(ExportWhat.PRINT)
                                .withFrame(ExportRequest.Frame.SHEET),
                        java.nio.file.Path.of("print.png"))
                .getFirst()
                .pages()
                .getFirst();
        double scale = LONGEST / Math.max(sheet.width(), sheet.height());
        int w = (int) Math.max(1, Math.round(sheet.width() * scale));
        int h = (int) Math.max(1, Math.round(sheet.height() * scale));
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setClip(0, 0, w, h);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.scale(scale, scale);
        new Painter(job.media(), pictures).elements(g, page.elements());
        g.dispose();
        return HalvedImages.of(image);
    }
}
