package rondel.paint;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;

/** What stands in the place of an element that can't be painted: a box around it with its diagonals, for everybody to see. */
final class MarkedBox {

    private static final Color LINE = new Color(0xb0, 0x3a, 0x2e);
    private static final double WIDTH = 2;

    private MarkedBox() {}

    /** @param g with the transform of the element's parent */
    static void paint(Graphics2D g, Element e) {
        Rectangle view = Layer.deviceClip(g);
        Optional<Box> box = PaintedExtent.rough(e, Affine.of(g.getTransform()))
                .flatMap(b -> b.intersection(
                        new Box(view.x - WIDTH, view.y - WIDTH, view.width + 2 * WIDTH, view.height + 2 * WIDTH)));
        if (box.isEmpty()) {
            return;
        }
        Box b = box.get();
        AffineTransform before = g.getTransform();
        g.setTransform(new AffineTransform());
        Rectangle2D around = new Rectangle2D.Double(b.x(), b.y(), b.width(), b.height());
        g.setPaint(Colours.MISSING);
        g.fill(around);
        g.setPaint(LINE);
        g.setStroke(new BasicStroke((float) WIDTH));
        g.draw(around);
        g.draw(new Line2D.Double(b.x(), b.y(), b.right(), b.bottom()));
        g.draw(new Line2D.Double(b.x(), b.bottom(), b.right(), b.y()));
        g.setTransform(before);
    }
}
