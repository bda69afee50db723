package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import rondel.compose.outline.OutlinePoints;
import rondel.compose.outline.OutlinePoints.OutlinePoint;
import rondel.desktop.compose.points.PointChoice;
import rondel.geometry.Affine;
import rondel.geometry.Point;

/** The points of an outline that is opened: smooth ones round, corners square, with the handles of the one that is picked. */
final class PointLayer extends Pane {

    private static final double SIDE = 7;

    /** What is shown now: the same is not drawn again. */
    private record Shown(OutlinePoints points, Optional<OutlinePoint> picked, Affine toScreen) {}

    private Optional<PointChoice> offered = Optional.empty();
    private Optional<Shown> shown = Optional.empty();

    PointLayer() {
        setMouseTransparent(true);
    }

    void offer(PointChoice choice) {
        offered = Optional.of(choice);
    }

    void openShape() {
        offered.ifPresent(PointChoice::open);
    }

    Optional<PointChoice> open() {
        return offered.filter(PointChoice::isOpen);
    }

    void show(Viewport viewport) {
        Optional<Shown> next = open().flatMap(o -> o.points().map(p -> new Shown(p, o.picked(), viewport.toScreen())));
        boolean same = next.isPresent()
                && shown.isPresent()
                && next.get().points() == shown.get().points()
                && next.get().picked().equals(shown.get().picked())
                && next.get().toScreen().equals(shown.get().toScreen());
        shown = next;
        if (next.isEmpty()) {
            getChildren().clear();
        } else if (!same) {
            draw(next.get());
        }
    }

    private void draw(Shown s) {
        List<Node> nodes = new ArrayList<>();
        s.picked().ifPresent(p -> Stream.of(p.in(), p.out())
                .flatMap(Optional::stream)
                .forEach(h -> {
                    Point from = s.toScreen().apply(p.at());
                    Point to = s.toScreen().apply(h.at());
                    Line arm = new Line(from.x(), from.y(), to.x(), to.y());
                    arm.getStyleClass().add("drawing-arm");
                    Circle knob = new Circle(to.x(), to.y(), SIDE / 2);
                    knob.getStyleClass().add("outline-handle");
                    nodes.addAll(List.of(arm, knob));
                }));
        for (OutlinePoint p : s.points().all()) {
            Point at = s.toScreen().apply(p.at());
            Shape mark = p.smooth()
                    ? new Circle(at.x(), at.y(), SIDE / 2)
                    : new Rectangle(Math.rint(at.x() - SIDE / 2), Math.rint(at.y() - SIDE / 2), SIDE, SIDE);
            boolean isPicked = s.picked().filter(p::isAlso).isPresent();
            mark.getStyleClass().add(isPicked ? "outline-point-picked" : "outline-point");
            nodes.add(mark);
        }
        getChildren().setAll(nodes);
    }
}
