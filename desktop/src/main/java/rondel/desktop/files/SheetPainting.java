package rondel.desktop.files;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.paint.Painter;
import rondel.paint.PictureSource;

/** A sheet with its paper as a small picture. */
final class SheetPainting {

    private SheetPainting() {}

    /** @param scale pixels per mm */
    static BufferedImage of(Job job, Sheet sheet, double scale, PictureSource pictures) {
        int w = (int) Math.max(1, Math.round(sheet.width() * scale));
        int h = (int) Math.max(1, Math.round(sheet.height() * scale));
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(
                sheet.paper().map(c -> new Color(c.red(), c.green(), c.blue())).orElse(Color.WHITE));
        g.fillRect(0, 0, w, h);
        g.setClip(0, 0, w, h);
        g.scale(scale, scale);
        new Painter(job.media(), pictures).elements(g, sheet.elements());
        g.dispose();
        return image;
    }
}
