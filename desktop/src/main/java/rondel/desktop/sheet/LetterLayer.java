package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import rondel.desktop.compose.text.LetterChoice;
import rondel.desktop.compose.text.LetterDrag;
import rondel.desktop.look.FxPaths;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.text.PlacedLetter;

/** The letters of a text that is opened: a box about each, and knobs to turn and size the one that is picked. */
final class LetterLayer extends Pane {

    private static final double KNOB = 5;
    private static final double ARM = 18;

    /** What is shown now: the same is not made again, as that would ask for another layout, and so on for ever. */
    private record Letters(List<PlacedLetter> letters, int number, Optional<Affine> standing, Affine toScreen) {}

    private Optional<LetterChoice> offered = Optional.empty();
    private Optional<Letters> shown = Optional.empty();

    LetterLayer() {
        setMouseTransparent(true);
    }

    /** @param text whose letters are shown when they are opened */
    void offer(LetterChoice text) {
        offered = Optional.of(text);
    }

    Optional<LetterChoice> open() {
        return offered.filter(LetterChoice::isOpen);
    }

    /** @param standing where the picked letter stands while it is dragged, in the text's space */
    void show(Optional<Affine> standing, Viewport viewport) {
        offered.ifPresent(text -> show(text, standing, viewport));
    }

    private void show(LetterChoice choice, Optional<Affine> standing, Viewport viewport) {
        Optional<Affine> toSheet = choice.toSheet();
        if (!choice.isOpen() || toSheet.isEmpty()) {
            shown = Optional.empty();
            getChildren().clear();
            return;
        }
        Affine toScreen = viewport.toScreen().times(toSheet.get());
        Letters wanted = new Letters(choice.letters(), choice.number(), standing, toScreen);
        if (shown.filter(wanted::equals).isPresent()) {
            return;
        }
        shown = Optional.of(wanted);
        List<Node> nodes = new ArrayList<>();
        Optional<PlacedLetter> picked = choice.picked();
        for (PlacedLetter letter : choice.letters()) {
            if (picked.filter(p -> p == letter).isEmpty()) {
                nodes.add(box(letter, toScreen.times(letter.placement()), "letter-box"));
            }
        }
        picked.ifPresent(
                p -> addPicked(p, toScreen.times(standing.orElse(p.placement())), standing.isPresent(), nodes));
        getChildren().setAll(nodes);
    }

    private static void addPicked(PlacedLetter picked, Affine toScreen, boolean dragged, List<Node> nodes) {
        if (dragged) {
            Path shape = FxPaths.of(picked.outline(), toScreen);
            shape.getStyleClass().add("letter-ghost");
            nodes.add(shape);
        }
        nodes.add(box(picked, toScreen, "letter-picked"));
        Point top = toScreen.apply(topMiddle(picked));
        Point knob = turnKnob(picked, toScreen);
        Line arm = new Line(top.x(), top.y(), knob.x(), knob.y());
        arm.getStyleClass().add("turn-arm");
        Circle turn = new Circle(knob.x(), knob.y(), KNOB);
        turn.getStyleClass().add("turn-knob");
        Point corner = sizeKnob(picked, toScreen);
        Rectangle size = new Rectangle(corner.x() - KNOB + 1, corner.y() - KNOB + 1, 2 * KNOB - 2, 2 * KNOB - 2);
        size.getStyleClass().add("handle");
        nodes.addAll(List.of(arm, turn, size));
    }

    /** What of the picked letter is at a place on the screen. */
    static Optional<LetterDrag.Kind> knobAt(LetterChoice choice, Viewport viewport, double x, double y) {
        Optional<Affine> toSheet = choice.toSheet();
        if (choice.picked().isEmpty() || toSheet.isEmpty()) {
            return Optional.empty();
        }
        PlacedLetter picked = choice.picked().get();
        Affine toScreen = viewport.toScreen().times(toSheet.get()).times(picked.placement());
        Point at = new Point(x, y);
        if (turnKnob(picked, toScreen).distanceTo(at) <= KNOB + 3) {
            return Optional.of(LetterDrag.Kind.TURN);
        }
        return sizeKnob(picked, toScreen).distanceTo(at) <= KNOB + 3
                ? Optional.of(LetterDrag.Kind.SIZE)
                : Optional.empty();
    }

    private static Polygon box(PlacedLetter letter, Affine toScreen, String style) {
        Box b = letter.outline().bounds().orElseThrow();
        Polygon polygon = new Polygon();
        for (Point corner : List.of(
                b.at(Anchor.TOP_LEFT), b.at(Anchor.TOP_RIGHT), b.at(Anchor.BOTTOM_RIGHT), b.at(Anchor.BOTTOM_LEFT))) {
            Point p = toScreen.apply(corner);
            polygon.getPoints().addAll(p.x(), p.y());
        }
        polygon.getStyleClass().add(style);
        return polygon;
    }

    private static Point topMiddle(PlacedLetter letter) {
        return letter.outline().bounds().orElseThrow().at(Anchor.TOP);
    }

    private static Point turnKnob(PlacedLetter letter, Affine toScreen) {
        Point top = toScreen.apply(topMiddle(letter));
        Point bottom = toScreen.apply(letter.outline().bounds().orElseThrow().at(Anchor.BOTTOM));
        double length = Math.max(1e-9, top.distanceTo(bottom));
        return new Point(
                top.x() + (top.x() - bottom.x()) / length * ARM, top.y() + (top.y() - bottom.y()) / length * ARM);
    }

    private static Point sizeKnob(PlacedLetter letter, Affine toScreen) {
        return toScreen.apply(letter.outline().bounds().orElseThrow().at(Anchor.TOP_RIGHT));
    }
}
