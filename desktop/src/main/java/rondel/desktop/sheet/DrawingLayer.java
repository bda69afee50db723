package rondel.desktop.sheet;

import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;

/** What is being drawn or changed by hand just now: an outline with a light casing, its places, and what it measures. */
public final class DrawingLayer extends Pane {

    private static final double PLACE = 3.5;
    private static final double BESIDE = 14;

    DrawingLayer() {
        setMouseTransparent(true);
    }

    /** @param toScreen from the outline's space to px of the view */
    public void show(Outline outline, Affine toScreen) {
        Path casing = FxPaths.of(outline, toScreen);
        casing.getStyleClass().add("drawing-casing");
        Path line = FxPaths.of(outline, toScreen);
        line.getStyleClass().add("drawing-line");
        getChildren().setAll(casing, line);
    }

    /** Adds places that were set, in px of the view. */
    public void addPlaces(List<Point> onScreen) {
        for (Point p : onScreen) {
            Circle place = new Circle(p.x(), p.y(), PLACE);
            place.getStyleClass().add("drawing-place");
            getChildren().add(place);
        }
    }

    /** Adds a straight line to a handle, in px of the view. */
    public void addArm(Point from, Point to) {
        Line arm = new Line(from.x(), from.y(), to.x(), to.y());
        arm.getStyleClass().add("drawing-arm");
        getChildren().add(arm);
    }

    /** Adds a few words beside the pointer. */
    public void say(String words, Point onScreen) {
        Label label = new Label(words);
        label.getStyleClass().add("drawing-words");
        label.relocate(onScreen.x() + BESIDE, onScreen.y() + BESIDE);
        getChildren().add(label);
    }

    public void clear() {
        getChildren().clear();
    }
}
