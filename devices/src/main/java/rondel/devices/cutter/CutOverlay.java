package rondel.devices.cutter;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.List;
import rondel.geometry.Point;

/** What was cut, drawn over a picture of what was printed. */
public final class CutOverlay {

    private static final double MM_PER_INCH = 25.4;
    private static final Color CUT = new Color(0xd0, 0x1c, 0x3f);
    private static final float WIDTH = 0.25f;

    private CutOverlay() {}

    /** @param print the whole sheet
     *  @param ppi its pixels per inch
     *  @param lines from its upper left corner, in mm */
    public static BufferedImage of(BufferedImage print, double ppi, List<List<Point>> lines) {
        BufferedImage image = new BufferedImage(print.getWidth(), print.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.drawImage(print, 0, 0, null);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(ppi / MM_PER_INCH, ppi / MM_PER_INCH);
        g.setColor(CUT);
        g.setStroke(new BasicStroke(WIDTH, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (List<Point> line : lines) {
            Path2D path = new Path2D.Double();
            path.moveTo(line.getFirst().x(), line.getFirst().y());
            line.forEach(p -> path.lineTo(p.x(), p.y()));
            g.draw(path);
        }
        g.dispose();
        return image;
    }
}
