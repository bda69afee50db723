package rondel.run.stitch;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.List;
import java.util.Optional;
import rondel.geometry.Point;
import rondel.progress.Cancellation;

/** What of a shape is not covered, found on a picture of it.
 *
 * @param share of its area that is bare
 * @param at the middle of the largest square of cloth that is seen (by dynamic programming over a bitmap)
 * @param side of that square, in mm */
record BareCloth(double share, Point at, double side) {

    /** Pixels per mm: a thread is four of them. */
    private static final double SCALE = 10;

    /** From this size on cloth is seen through, in mm. */
    static final double SEEN = 0.6;

    private static final int MOST_PIXELS = 9_000_000;

    /** @return nothing where the shape is larger than can be looked at */
    static Optional<BareCloth> of(Shape shape, List<Stitch> stitches) {
        Rectangle2D box = shape.getBounds2D();
        int w = (int) Math.ceil(box.getWidth() * SCALE) + 2;
        int h = (int) Math.ceil(box.getHeight() * SCALE) + 2;
        if (box.isEmpty() || (long) w * h > MOST_PIXELS) {
            return Optional.empty();
        }
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.transform(new AffineTransform(SCALE, 0, 0, SCALE, -box.getX() * SCALE, -box.getY() * SCALE));
        g.setColor(Color.WHITE);
        g.fill(shape);
        // A byte for each pixel, which is not 0 where cloth is seen inside of the shape.
        byte[] bare = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int all = seen(bare);
        threads(g, stitches);
        g.dispose();
        double share = all == 0 ? 0 : (double) seen(bare) / all;
        int best = 0;
        int atX = 0;
        int atY = 0;
        int[] above = new int[w + 1];
        for (int y = 0; y < h; y++) {
            Cancellation.check();
            int diagonal = 0;
            for (int x = 1; x <= w; x++) {
                int up = above[x];
                above[x] = bare[y * w + x - 1] == 0 ? 0 : 1 + Math.min(diagonal, Math.min(up, above[x - 1]));
                diagonal = up;
                if (above[x] > best) {
                    best = above[x];
                    atX = x;
                    atY = y;
                }
            }
        }
        Point middle = new Point(box.getX() + (atX - best / 2.0) / SCALE, box.getY() + (atY + 1 - best / 2.0) / SCALE);
        return Optional.of(new BareCloth(share, middle, best / SCALE));
    }

    private static int seen(byte[] pixels) {
        int seen = 0;
        for (byte b : pixels) {
            seen += b == 0 ? 0 : 1;
        }
        return seen;
    }

    private static void threads(Graphics2D g, List<Stitch> stitches) {
        g.setColor(Color.BLACK);
        g.setStroke(new BasicStroke((float) StitchPlan.THREAD, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        for (int i = 1; i < stitches.size(); i++) {
            if (stitches.get(i).move() == Stitch.Move.SEW) {
                Point a = stitches.get(i - 1).at();
                Point b = stitches.get(i).at();
                g.draw(new Line2D.Double(a.x(), a.y(), b.x(), b.y()));
            }
        }
    }
}
