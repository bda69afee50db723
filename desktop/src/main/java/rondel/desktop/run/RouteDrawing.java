package rondel.desktop.run;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Point;
import rondel.geometry.curve.Bezier;
import rondel.geometry.curve.Contour;

/** Draws lines of a sheet on a canvas. */
final class RouteDrawing {

    private final GraphicsContext g;
    private final Viewport view;

    RouteDrawing(GraphicsContext g, Viewport view) {
        this.g = g;
        this.view = view;
        g.setLineCap(StrokeLineCap.ROUND);
        g.setLineJoin(StrokeLineJoin.ROUND);
    }

    void pen(Color colour, double width, double... dashes) {
        g.setStroke(colour);
        g.setLineWidth(width);
        g.setLineDashes(dashes);
    }

    void contours(List<Contour> contours) {
        g.beginPath();
        for (Contour c : contours) {
            Point start = at(c.segments().getFirst().start());
            g.moveTo(start.x(), start.y());
            for (Bezier b : c.segments()) {
                segment(b);
            }
        }
        g.stroke();
    }

    private void segment(Bezier b) {
        Point end = at(b.end());
        switch (b.order()) {
            case 1 -> g.lineTo(end.x(), end.y());
            case 2 -> {
                Point c = at(b.control(1));
                g.quadraticCurveTo(c.x(), c.y(), end.x(), end.y());
            }
            default -> {
                Point c = at(b.control(1));
                Point d = at(b.control(2));
                g.bezierCurveTo(c.x(), c.y(), d.x(), d.y(), end.x(), end.y());
            }
        }
    }

    void line(List<Point> points, int count) {
        g.beginPath();
        for (int i = 0; i < count; i++) {
            Point p = at(points.get(i));
            if (i == 0) {
                g.moveTo(p.x(), p.y());
            } else {
                g.lineTo(p.x(), p.y());
            }
        }
        g.stroke();
    }

    void line(List<Point> points) {
        line(points, points.size());
    }

    void line(Point a, Point b) {
        Point p = at(a);
        Point q = at(b);
        g.strokeLine(p.x(), p.y(), q.x(), q.y());
    }

    void ring(Point centre, double radius) {
        Point p = at(centre);
        g.strokeOval(p.x() - radius, p.y() - radius, 2 * radius, 2 * radius);
    }

    void disc(Point centre, double radius, Color colour) {
        Point p = at(centre);
        g.setFill(colour);
        g.fillOval(p.x() - radius, p.y() - radius, 2 * radius, 2 * radius);
    }

    private Point at(Point p) {
        return view.toScreen(p);
    }
}
