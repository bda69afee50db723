package rondel.lines.backdrop;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.List;
import rondel.geometry.Point;
import rondel.job.BackdropSettings;

/** What the brush has said, pixel by pixel. */
final class BrushMask {

    private static final Color KEEP = new Color(0, 0, 1);
    private static final Color DROP = new Color(0, 0, 2);

    private BrushMask() {}

    /** 1 where it keeps, -1 where it drops, 0 where it was not; the last stroke counts. */
    static byte[] of(List<BackdropSettings.Brush> strokes, int width, int height) {
        byte[] said = new byte[width * height];
        if (strokes.isEmpty()) {
            return said;
        }
        BufferedImage board = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = board.createGraphics();
        for (BackdropSettings.Brush stroke : strokes) {
            g.setColor(stroke.keep() ? KEEP : DROP);
            g.setStroke(new BasicStroke(
                    (float) (2 * stroke.radius() * width), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            g.draw(path(stroke.points(), width, height));
        }
        g.dispose();
        int[] pixels = ((DataBufferInt) board.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < said.length; i++) {
            int mark = pixels[i] & 255;
            said[i] = (byte) (mark == KEEP.getBlue() ? 1 : mark == DROP.getBlue() ? -1 : 0);
        }
        return said;
    }

    private static Path2D path(List<Point> points, int width, int height) {
        Path2D path = new Path2D.Double();
        Point first = points.getFirst();
        path.moveTo(first.x() * width, first.y() * height);
        path.lineTo(first.x() * width, first.y() * height);
        points.forEach(p -> path.lineTo(p.x() * width, p.y() * height));
        return path;
    }
}
