package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.Extent;

/** What is drawn over the artwork for the selection: its box and the handles. */
final class SelectionOverlay extends Pane {

    private static final double HANDLE = 8;
    private static final double TURN_REACH = 26;
    private static final List<Anchor> CORNERS =
            List.of(Anchor.TOP_LEFT, Anchor.TOP_RIGHT, Anchor.BOTTOM_RIGHT, Anchor.BOTTOM_LEFT);

    private final Polygon casing = new Polygon();
    private final Polygon frame = new Polygon();
    private final Map<Anchor, Rectangle> handles = new EnumMap<>(Anchor.class);
    private final Line stem = new Line();
    private final Circle turnKnob = new Circle(5.5);
    private final List<Polygon> members = new ArrayList<>();
    private final Rectangle catching = new Rectangle();

    SelectionOverlay() {
        setMouseTransparent(true);
        casing.getStyleClass().add("selection-casing");
        frame.getStyleClass().add("selection-frame");
        stem.getStyleClass().add("selection-stem");
        turnKnob.getStyleClass().add("turn-knob");
        catching.getStyleClass().add("catching-box");
        catching.setVisible(false);
        getChildren().addAll(casing, frame, stem, turnKnob, catching);
        for (Anchor a : Anchor.values()) {
            if (a != Anchor.CENTRE) {
                Rectangle handle = new Rectangle(HANDLE, HANDLE);
                handle.getStyleClass().add("handle");
                handles.put(a, handle);
                getChildren().add(handle);
            }
        }
    }

    /** @param moved how the selection stands while it is dragged */
    void show(Optional<Extent.TurnedBox> box, Affine moved, Viewport viewport) {
        boolean visible = box.isPresent();
        casing.setVisible(visible);
        frame.setVisible(visible);
        stem.setVisible(visible);
        turnKnob.setVisible(visible);
        handles.values().forEach(h -> h.setVisible(visible));
        if (!visible) {
            return;
        }
        corners(frame, box.get(), moved, viewport);
        casing.getPoints().setAll(frame.getPoints());
        handles.forEach((anchor, handle) -> {
            Point p = place(box.get(), anchor, moved, viewport);
            handle.setX(Math.rint(p.x() - HANDLE / 2));
            handle.setY(Math.rint(p.y() - HANDLE / 2));
        });
        Point top = place(box.get(), Anchor.TOP_RIGHT, moved, viewport);
        Point knob = knob(box.get(), moved, viewport);
        stem.setStartX(top.x());
        stem.setStartY(top.y());
        stem.setEndX(knob.x());
        stem.setEndY(knob.y());
        turnKnob.setCenterX(knob.x());
        turnKnob.setCenterY(knob.y());
    }

    /** A thin box around each of several selected elements. */
    void showMembers(List<Extent.TurnedBox> boxes, Affine moved, Viewport viewport) {
        while (members.size() > boxes.size()) {
            getChildren().remove(members.removeLast());
        }
        while (members.size() < boxes.size()) {
            Polygon p = new Polygon();
            p.getStyleClass().add("member-frame");
            members.add(p);
            getChildren().addFirst(p);
        }
        for (int i = 0; i < boxes.size(); i++) {
            corners(members.get(i), boxes.get(i), moved, viewport);
        }
    }

    private static void corners(Polygon polygon, Extent.TurnedBox box, Affine moved, Viewport viewport) {
        Double[] points = new Double[8];
        int n = 0;
        for (Anchor a : CORNERS) {
            Point p = place(box, a, moved, viewport);
            points[n++] = p.x();
            points[n++] = p.y();
        }
        polygon.getPoints().setAll(points);
    }

    void showCatching(Optional<Box> box, Viewport viewport) {
        catching.setVisible(box.isPresent());
        box.map(b -> b.transformed(viewport.toScreen())).ifPresent(b -> {
            catching.setX(b.x());
            catching.setY(b.y());
            catching.setWidth(b.width());
            catching.setHeight(b.height());
        });
    }

    /** The nearest handle under a point of the screen; the middle of a small thing stays the thing's own. */
    Optional<Anchor> handleAt(Extent.TurnedBox box, Viewport viewport, double x, double y) {
        Point pointer = new Point(x, y);
        ToDoubleFunction<Anchor> away =
                a -> place(box, a, Affine.IDENTITY, viewport).distanceTo(pointer);
        double fromMiddle = viewport.toScreen(box.at(0.5, 0.5)).distanceTo(pointer);
        return handles.keySet().stream()
                .min(Comparator.comparingDouble(away))
                .filter(a -> away.applyAsDouble(a) <= Math.min(HANDLE, fromMiddle));
    }

    boolean isTurnKnob(Extent.TurnedBox box, Viewport viewport, double x, double y) {
        return knob(box, Affine.IDENTITY, viewport).distanceTo(new Point(x, y)) <= HANDLE;
    }

    private static Point place(Extent.TurnedBox box, Anchor a, Affine moved, Viewport viewport) {
        return viewport.toScreen(moved.apply(box.at(a.across(), a.down())));
    }

    /** Off the top right corner, away from where gaps are read. */
    private static Point knob(Extent.TurnedBox box, Affine moved, Viewport viewport) {
        Point corner = place(box, Anchor.TOP_RIGHT, moved, viewport);
        Point across = place(box, Anchor.TOP_LEFT, moved, viewport);
        Point down = place(box, Anchor.BOTTOM_RIGHT, moved, viewport);
        double reach = TURN_REACH / Math.sqrt(2);
        Point a = away(corner, across, new Point(1, 0));
        Point b = away(corner, down, new Point(0, -1));
        return new Point(corner.x() + (a.x() + b.x()) * reach, corner.y() + (a.y() + b.y()) * reach);
    }

    /** The unit step from one point on past another; {@code otherwise} where they are the same. */
    private static Point away(Point to, Point from, Point otherwise) {
        double length = to.distanceTo(from);
        return length < 1e-6 ? otherwise : new Point((to.x() - from.x()) / length, (to.y() - from.y()) / length);
    }
}
