package rondel.formats.pdf.reading;

import java.awt.geom.GeneralPath;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.Optional;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.pdmodel.PDPage;

/** Collects the paths of a page, and keeps the clip. */
abstract class PathEngine extends PDFGraphicsStreamEngine {

    private GeneralPath path = new GeneralPath();
    private Optional<Integer> clipping = Optional.empty();

    PathEngine(PDPage page) {
        super(page);
    }

    /** Draws a path that is complete.
     *
     * @param rule by which it is filled, if it is */
    abstract void shape(Path2D drawn, Optional<Integer> rule, boolean stroked) throws IOException;

    @Override
    public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
        path.moveTo(a.getX(), a.getY());
        path.lineTo(b.getX(), b.getY());
        path.lineTo(c.getX(), c.getY());
        path.lineTo(d.getX(), d.getY());
        path.closePath();
    }

    @Override
    public void moveTo(float x, float y) {
        path.moveTo(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x, y);
        } else {
            path.lineTo(x, y);
        }
    }

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        if (path.getCurrentPoint() == null) {
            path.moveTo(x3, y3);
        } else {
            path.curveTo(x1, y1, x2, y2, x3, y3);
        }
    }

    @Override
    public Point2D getCurrentPoint() {
        return path.getCurrentPoint();
    }

    @Override
    public void closePath() {
        if (path.getCurrentPoint() != null) {
            path.closePath();
        }
    }

    @Override
    public void clip(int rule) {
        clipping = Optional.of(rule);
    }

    @Override
    public void endPath() {
        finish();
    }

    private void finish() {
        clipping.ifPresent(rule -> {
            path.setWindingRule(rule);
            getGraphicsState().intersectClippingPath(path);
        });
        clipping = Optional.empty();
        path = new GeneralPath();
    }

    @Override
    public void strokePath() throws IOException {
        shape(path, Optional.empty(), true);
        finish();
    }

    @Override
    public void fillPath(int rule) throws IOException {
        shape(path, Optional.of(rule), false);
        finish();
    }

    @Override
    public void fillAndStrokePath(int rule) throws IOException {
        shape(path, Optional.of(rule), true);
        finish();
    }
}
