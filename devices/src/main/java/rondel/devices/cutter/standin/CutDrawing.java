package rondel.devices.cutter.standin;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Locale;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** What was cut, as SVG and as a picture. */
public final class CutDrawing {

    /** A line whose end comes so near to its beginning, in mm, is closed there; what was cut on past it is dropped. */
    private static final double CLOSES = 0.06;

    /** How long a line is at least before it can close, in mm. */
    private static final double SHORTEST = 0.5;

    private static final double PIXELS = 6;
    private static final int MOST_PIXELS = 4000;
    private static final double MARGIN = 5;
    private static final Color PAPER = new Color(0xfb, 0xf8, 0xf1);
    private static final Color[] INKS = {
        new Color(0x12, 0x3b, 0x38),
        new Color(0x9a, 0x43, 0x2f),
        new Color(0x2f, 0x5d, 0x8a),
        new Color(0x6b, 0x4a, 0x86)
    };

    private CutDrawing() {}

    /** A path for each line, at true size, on a page as large as the bed. */
    public static String svg(CutRecord record, double width, double height) {
        StringBuilder svg = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%1$smm\" height=\"%2$smm\" viewBox=\"0 0 %1$s %2$s\">%n"
                        + "<g fill=\"none\" stroke=\"#c2182b\" stroke-width=\"0.1\">%n",
                width,
                height));
        for (int i = 0; i < record.lines().size(); i++) {
            List<Point> line = record.lines().get(i);
            int end = closesAt(line);
            svg.append("<path id=\"line-").append(i + 1).append("\" d=\"");
            for (int k = 0; k < (end < 0 ? line.size() : end); k++) {
                Point p = line.get(k);
                svg.append(k == 0 ? 'M' : 'L').append(String.format(Locale.ROOT, "%.4f %.4f", p.x(), p.y()));
            }
            svg.append(end < 0 ? "\"/>\n" : "Z\"/>\n");
        }
        return svg.append("</g>\n</svg>\n").toString();
    }

    /** The point from which on a line goes over itself; -1 for an open one. */
    static int closesAt(List<Point> line) {
        double gone = 0;
        double nearest = CLOSES;
        int at = -1;
        Point start = line.getFirst();
        for (int i = 1; i < line.size(); i++) {
            gone += line.get(i).distanceTo(line.get(i - 1));
            double d = start.distanceTo(line.get(i - 1), line.get(i));
            if (gone > SHORTEST && d < nearest) {
                nearest = d;
                at = i;
            } else if (at >= 0 && d > CLOSES) {
                break;
            }
        }
        return at;
    }

    /** What was cut, cropped to it. */
    public static BufferedImage picture(CutRecord record) {
        Box box = Box.around(record.lines().stream()
                        .flatMap(List::stream)
                        .map(p -> new Box(p.x(), p.y(), 0, 0))
                        .toList())
                .orElse(new Box(0, 0, 50, 50))
                .grown(MARGIN);
        double scale = Math.min(PIXELS, MOST_PIXELS / Math.max(box.width(), box.height()));
        BufferedImage image = new BufferedImage(
                (int) Math.ceil(box.width() * scale),
                (int) Math.ceil(box.height() * scale),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(PAPER);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(scale, scale);
        g.translate(-box.x(), -box.y());
        g.setStroke(new BasicStroke(0.2f, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (int i = 0; i < record.lines().size(); i++) {
            g.setColor(INKS[Math.floorMod(record.tools().get(i) - 1, INKS.length)]);
            g.draw(path(record.lines().get(i)));
        }
        g.dispose();
        return image;
    }

    private static Path2D path(List<Point> line) {
        Path2D path = new Path2D.Double();
        path.moveTo(line.getFirst().x(), line.getFirst().y());
        line.forEach(p -> path.lineTo(p.x(), p.y()));
        return path;
    }
}
