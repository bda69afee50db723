package rondel.geometry;

import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;

/** An outline as Java 2D sees a shape. */
record OutlineShape(Outline outline, FillRule rule) implements Shape {

    @Override
    public PathIterator getPathIterator(AffineTransform at) {
        return outline.iterator(at, rule);
    }

    @Override
    public PathIterator getPathIterator(AffineTransform at, double flatness) {
        return new FlatteningPathIterator(getPathIterator(at), flatness);
    }

    @Override
    public Rectangle2D getBounds2D() {
        Box b = outline.bounds().orElse(new Box(0, 0, 0, 0));
        return new Rectangle2D.Double(b.x(), b.y(), b.width(), b.height());
    }

    @Override
    public Rectangle getBounds() {
        return getBounds2D().getBounds();
    }

    @Override
    public boolean contains(double x, double y) {
        return Path2D.contains(getPathIterator(null), x, y);
    }

    @Override
    public boolean contains(Point2D p) {
        return contains(p.getX(), p.getY());
    }

    @Override
    public boolean intersects(double x, double y, double w, double h) {
        return Path2D.intersects(getPathIterator(null), x, y, w, h);
    }

    @Override
    public boolean intersects(Rectangle2D r) {
        return intersects(r.getX(), r.getY(), r.getWidth(), r.getHeight());
    }

    @Override
    public boolean contains(double x, double y, double w, double h) {
        return Path2D.contains(getPathIterator(null), x, y, w, h);
    }

    @Override
    public boolean contains(Rectangle2D r) {
        return contains(r.getX(), r.getY(), r.getWidth(), r.getHeight());
    }
}
