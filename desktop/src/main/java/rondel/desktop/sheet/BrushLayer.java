package rondel.desktop.sheet;

import java.util.List;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polyline;
import rondel.geometry.Point;

/** The stroke of a brush while it is made. */
final class BrushLayer extends Pane {

    private static final double THINNEST = 3;

    private final Polyline line = new Polyline();

    BrushLayer() {
        setMouseTransparent(true);
        line.setManaged(false);
        line.setVisible(false);
        getChildren().add(line);
    }

    void show(SheetBrush brush, List<Point> onSheet, Viewport viewport) {
        line.getStyleClass().setAll("brush-stroke", brush.style());
        line.setStrokeWidth(Math.max(THINNEST, 2 * brush.radius() * viewport.scale()));
        line.getPoints().clear();
        for (Point p : onSheet) {
            Point at = viewport.toScreen(p);
            line.getPoints().addAll(at.x(), at.y());
        }
        Point last = viewport.toScreen(onSheet.getLast());
        line.getPoints().addAll(last.x(), last.y() + 0.01);
        line.setVisible(true);
    }

    void end() {
        line.setVisible(false);
    }
}
