package rondel.run.stitch;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.List;
import rondel.colour.OkLab;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.progress.Cancellation;

/** A picture of what is sewn: each stitch as a thread with a shadow and with light on it, which is strongest where the thread lies across the light, as on
 *  twisted yarn (the sheen of Kajiya and Kay 1989: by the sine of the angle between thread and light). Not safe for several threads. */
public final class SewingPicture {

    /** From where the light falls, in degrees clockwise from the right. */
    private static final double LIGHT = -55;

    private static final double WIDE = 0.42;
    private static final double BODY = 0.34;
    private static final double GLOSS = 0.13;
    private static final double DARKER = 0.62;
    private static final double LIGHTEST = 0.5;
    private static final double MATT = 0.12;

    /** Very dark threads would show no light: they are shown at least so much of the way to white. */
    private static final double LEAST_LIGHT = 0.1;

    private final List<Stitch> stitches;
    private final int[] starts;
    private final List<Rgba> threads;
    private final Box shown;
    private final double scale;
    private BufferedImage image;
    private int made;

    /** @param shown what of the sheet is seen, in mm
     *  @param scale pixels per mm */
    public SewingPicture(StitchPattern pattern, Box shown, double scale) {
        this.stitches = pattern.stitches();
        this.threads = pattern.runs().stream().map(ThreadRun::thread).toList();
        this.starts = new int[threads.size() + 1];
        for (int i = 0; i < threads.size(); i++) {
            starts[i + 1] = starts[i] + pattern.runs().get(i).stitches().size();
        }
        this.shown = shown;
        this.scale = scale;
        clear();
    }

    private void clear() {
        image = new BufferedImage(
                (int) Math.max(1, Math.ceil(shown.width() * scale)),
                (int) Math.max(1, Math.ceil(shown.height() * scale)),
                BufferedImage.TYPE_INT_ARGB_PRE);
        made = 0;
    }

    /** The picture after so many stitches; what it shows changes with the next that is asked for. Forwards only what is new is painted. */
    public BufferedImage after(int count) {
        if (count < made) {
            clear();
        }
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(scale, scale);
        g.translate(-shown.x(), -shown.y());
        for (int r = 0; r < threads.size(); r++) {
            int from = Math.max(made, starts[r]);
            int to = Math.min(count, starts[r + 1]);
            if (from < to) {
                paint(g, from, to, starts[r], threads.get(r));
            }
        }
        g.dispose();
        made = Math.max(made, Math.min(count, stitches.size()));
        return image;
    }

    private void paint(Graphics2D g, int from, int to, int start, Rgba thread) {
        Yarn yarn = Yarn.of(thread);
        for (int i = Math.max(from, start + 1); i < to; i++) {
            if (i % 500 == 0) {
                Cancellation.check();
            }
            if (stitches.get(i).move() == Stitch.Move.SEW) {
                stitch(g, stitches.get(i - 1).at(), stitches.get(i).at(), yarn);
            }
        }
    }

    /** The colours of a thread. */
    private record Yarn(Color shade, Color body, Rgba colour) {
        static Yarn of(Rgba thread) {
            double dark = Math.max(0, 0.35 - OkLab.of(thread).lightness());
            Rgba seen = mixed(thread, 255, LEAST_LIGHT * dark / 0.35);
            return new Yarn(awt(mixed(seen, 0, 1 - DARKER)), awt(seen), seen);
        }

        Color gloss(double sine) {
            return awt(mixed(colour, 255, MATT + LIGHTEST * sine * sine));
        }

        private static Rgba mixed(Rgba c, int with, double share) {
            return new Rgba(
                    (int) Math.round(c.red() + share * (with - c.red())),
                    (int) Math.round(c.green() + share * (with - c.green())),
                    (int) Math.round(c.blue() + share * (with - c.blue())),
                    255);
        }

        private static Color awt(Rgba c) {
            return new Color(c.red(), c.green(), c.blue());
        }
    }

    private static void stitch(Graphics2D g, Point a, Point b, Yarn yarn) {
        double angle = Math.atan2(b.y() - a.y(), b.x() - a.x()) - Math.toRadians(LIGHT);
        line(g, a, b, WIDE, yarn.shade());
        line(g, a, b, BODY, yarn.body());
        // Light lies on the middle of a stitch: at both ends it goes down into the cloth.
        Point in = new Point(a.x() + 0.18 * (b.x() - a.x()), a.y() + 0.18 * (b.y() - a.y()));
        Point out = new Point(b.x() - 0.18 * (b.x() - a.x()), b.y() - 0.18 * (b.y() - a.y()));
        line(g, in, out, GLOSS, yarn.gloss(Math.sin(angle)));
    }

    private static void line(Graphics2D g, Point a, Point b, double width, Color colour) {
        g.setColor(colour);
        g.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.draw(new Line2D.Double(a.x(), a.y(), b.x(), b.y()));
    }
}
