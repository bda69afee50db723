package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import rondel.geometry.Axis;
import rondel.geometry.Point;
import rondel.job.Guide;

/** A sheet's guides over the artwork, right across the window. */
final class GuideLayer extends Pane {

    private static final double REACH = 4;

    private final List<Line> lines = new ArrayList<>();

    GuideLayer() {
        setMouseTransparent(true);
    }

    void show(List<Guide> guides, Viewport viewport, double width, double height) {
        while (lines.size() > guides.size()) {
            lines.removeLast();
            getChildren().remove(getChildren().size() - 2, getChildren().size());
        }
        while (lines.size() < guides.size()) {
            Line line = new Line();
            line.getStyleClass().add("guide-line");
            Line casing = new Line();
            casing.getStyleClass().add("guide-casing");
            casing.startXProperty().bind(line.startXProperty());
            casing.startYProperty().bind(line.startYProperty());
            casing.endXProperty().bind(line.endXProperty());
            casing.endYProperty().bind(line.endYProperty());
            lines.add(line);
            getChildren().addAll(casing, line);
        }
        for (int i = 0; i < lines.size(); i++) {
            Guide guide = guides.get(i);
            Point at = viewport.toScreen(new Point(guide.at(), guide.at()));
            boolean upright = guide.across() == Axis.HORIZONTAL;
            double place = Math.rint(upright ? at.x() : at.y()) + 0.5;
            lines.get(i).setStartX(upright ? place : 0);
            lines.get(i).setEndX(upright ? place : width);
            lines.get(i).setStartY(upright ? 0 : place);
            lines.get(i).setEndY(upright ? height : place);
        }
    }

    /** The number of the guide under a point of the screen. */
    static OptionalInt at(List<Guide> guides, Viewport viewport, double x, double y) {
        for (int i = 0; i < guides.size(); i++) {
            Point at = viewport.toScreen(
                    new Point(guides.get(i).at(), guides.get(i).at()));
            double off = guides.get(i).across() == Axis.HORIZONTAL ? at.x() - x : at.y() - y;
            if (Math.abs(off) <= REACH) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }
}
