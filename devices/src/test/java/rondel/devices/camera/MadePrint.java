package rondel.devices.camera;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Random;
import rondel.gang.marks.RegistrationMarks;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Point;
import rondel.job.ShapeElement;

/** Printed sheets for tests: marks, and round things that are none. */
final class MadePrint {

    static final double WIDTH = 120;
    static final double HEIGHT = 90;
    static final List<RegistrationMarks.Mark> MARKS = RegistrationMarks.of(new Box(4, 4, WIDTH - 8, HEIGHT - 8));
    private static final double PER_MM = 600 / 25.4;

    private MadePrint() {}

    /** @param without the number of a mark that is left out; -1 for none */
    static BufferedImage sheet(long seed, int without) {
        BufferedImage image = new BufferedImage(
                (int) Math.round(WIDTH * PER_MM), (int) Math.round(HEIGHT * PER_MM), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(new Color(0xfd, 0xfc, 0xf8));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        g.scale(image.getWidth() / WIDTH, image.getHeight() / HEIGHT);
        Random r = new Random(seed);
        for (int i = 0; i < 30; i++) {
            double d = 2 + 10 * r.nextDouble();
            double x = 16 + (WIDTH - 32 - d) * r.nextDouble();
            double y = 16 + (HEIGHT - 32 - d) * r.nextDouble();
            g.setColor(new Color(r.nextInt(0x1000000)));
            g.fill(new Ellipse2D.Double(x, y, d, i % 3 == 0 ? d : d * 0.7));
            if (i % 5 == 0) {
                g.setColor(Color.WHITE);
                g.fill(new Ellipse2D.Double(x + d * 0.25, y + d * 0.25, d * 0.5, d * 0.5));
            }
        }
        for (int k = 0; k < MARKS.size(); k++) {
            if (k != without && RegistrationMarks.drawn(MARKS.get(k)) instanceof ShapeElement s) {
                g.setColor(Color.BLACK);
                g.fill(s.outline().toShape(FillRule.EVEN_ODD));
            }
        }
        g.dispose();
        return image;
    }

    /** Places all over what can be cut. */
    static List<Point> places() {
        return java.util.stream.IntStream.range(0, 63)
                .mapToObj(i -> new Point(8 + (WIDTH - 16) * (i % 9) / 8.0, 8 + (HEIGHT - 16) * (i / 9) / 6.0))
                .toList();
    }
}
