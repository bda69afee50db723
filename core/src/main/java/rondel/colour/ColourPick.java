package rondel.colour;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.paint.Painter;

/** The colour seen at a place of a sheet, pictures and paper included. */
public final class ColourPick {

    /** How many pixels a mm has that is looked at: one of its pixels is what a fingertip on the mouse can point at. */
    private static final double PIXELS = 20;

    private ColourPick() {}

    /** Opaque: over white where nothing covers the place wholly. */
    public static Rgba at(Painter painter, Sheet sheet, Point place) {
        BufferedImage image = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(java.awt.Color.WHITE);
        g.fillRect(0, 0, 1, 1);
        g.setClip(0, 0, 1, 1);
        g.scale(PIXELS, PIXELS);
        g.translate(-place.x() + 0.5 / PIXELS, -place.y() + 0.5 / PIXELS);
        painter.sheet(g, sheet);
        g.dispose();
        int rgb = image.getRGB(0, 0);
        return new Rgba(rgb >> 16 & 255, rgb >> 8 & 255, rgb & 255, 255);
    }
}
