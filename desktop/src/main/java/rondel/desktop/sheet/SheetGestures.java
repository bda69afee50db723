package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import rondel.compose.snap.Snapper;
import rondel.compose.spacing.Neighbourhood;
import rondel.desktop.desk.Desk;
import rondel.desktop.model.Bench;
import rondel.desktop.model.SelectionBox;
import rondel.geometry.Anchor;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.ShapeElement;
import rondel.job.TextElement;

/** Turns what the mouse does on the sheet into selections, drags and views. */
final class SheetGestures {

    private final Desk desk;
    private final SheetView view;
    private final SheetHits hits;
    private Optional<Press> press = Optional.empty();
    private boolean spaceHeld;
    private Point pressedScreen = Point.ORIGIN;
    private Point pressedSheet = Point.ORIGIN;

    SheetGestures(Desk desk, SheetView view) {
        this.desk = desk;
        this.view = view;
        this.hits = new SheetHits(desk.bench());
    }

    void listen() {
        view.setOnMousePressed(this::pressed);
        view.setOnMouseDragged(e -> press.ifPresent(p -> p.dragged(pointer(e))));
        view.setOnMouseReleased(this::released);
        view.setOnMouseClicked(this::clicked);
        view.setOnMouseMoved(this::hover);
        view.setOnScroll(this::scrolled);
        view.setOnZoom(e -> view.look(view.viewport().zoomed(e.getZoomFactor(), e.getX(), e.getY())));
        view.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (view.editing()
                    .caret()
                    .open()
                    .filter(t -> CaretKeys.pressed(t, e))
                    .isPresent()) {
                e.consume();
            } else if (view.tool().inHand().filter(t -> t.key(e)).isPresent()) {
                e.consume();
            } else if (e.getCode() == KeyCode.SPACE) {
                spaceHeld = true;
                view.setCursor(Cursor.OPEN_HAND);
            } else if (e.getCode() == KeyCode.ESCAPE
                    && (view.tool().takePointing().isPresent()
                            || letGo()
                            || view.tool().putDown())) {
                e.consume();
            }
        });
        view.addEventHandler(
                KeyEvent.KEY_TYPED, e -> view.editing().caret().open().ifPresent(t -> {
                    CaretKeys.typed(t, e);
                    e.consume();
                }));
        view.addEventHandler(KeyEvent.KEY_RELEASED, e -> {
            if (e.getCode() == KeyCode.SPACE) {
                spaceHeld = false;
                view.setCursor(Cursor.DEFAULT);
            }
        });
    }

    /** Calls off a drag of the selection; true where one was under way. */
    boolean letGo() {
        boolean calledOff = press.map(Press::callOff).orElse(false);
        press = calledOff ? Optional.empty() : press;
        return calledOff;
    }

    private void pressed(MouseEvent e) {
        view.requestFocus();
        pressedScreen = new Point(e.getX(), e.getY());
        pressedSheet = view.viewport().toSheet(e.getX(), e.getY());
        press = Optional.empty();
        Optional<Consumer<Point>> pointing = view.tool().takePointing();
        if (pointing.isPresent()) {
            pointing.get().accept(pressedSheet);
        } else if (e.getButton() == MouseButton.MIDDLE || spaceHeld && e.getButton() == MouseButton.PRIMARY) {
            press = Optional.of(
                    new Panning(view, view.viewport(), () -> spaceHeld ? Cursor.OPEN_HAND : Cursor.DEFAULT));
            view.setCursor(Cursor.CLOSED_HAND);
        } else if (e.getButton() == MouseButton.PRIMARY) {
            press = pressedPrimary(e);
        } else if (e.getButton() == MouseButton.SECONDARY) {
            hit().filter(id -> !desk.bench().selection().contains(id))
                    .ifPresent(id -> desk.bench().select(List.of(id)));
        }
    }

    private Optional<Press> pressedPrimary(MouseEvent e) {
        if (view.tool().inHand().isPresent()) {
            return Optional.of(view.tool().inHand().get().press(pointer(e)));
        }
        if (view.tool().brush().isPresent()) {
            return Optional.of(new BrushPress(view, view.tool().brush().get(), pressedSheet));
        }
        Optional<Press> caret =
                view.editing().caret().open().flatMap(t -> CaretPress.on(view, t, pointer(e), e.getClickCount()));
        if (caret.isPresent()) {
            return caret;
        }
        Optional<Press> letter =
                view.editing().letters().open().flatMap(l -> LetterPress.on(view, l, pressedScreen, pressedSheet));
        return letter.or(() -> view.editing().points().open().flatMap(p -> PointPress.on(view, desk, p, pressedScreen)))
                .or(() -> view.editing().figures().pressAt(view, pressedScreen))
                .or(() -> pressedThings(e));
    }

    private Optional<Press> pressedThings(MouseEvent e) {
        Optional<Extent.TurnedBox> box = desk.selection().box();
        Optional<Anchor> handle = box.flatMap(b -> view.overlay().handleAt(b, view.viewport(), e.getX(), e.getY()));
        boolean onKnob = box.isPresent() && view.overlay().isTurnKnob(box.get(), view.viewport(), e.getX(), e.getY());
        boolean onHandle = handle.isPresent() || onKnob;
        Optional<ElementId> hit = onHandle ? Optional.empty() : e.isAltDown() ? beneath() : hit();
        Optional<GuideDrag> guide =
                GuideDrag.at(desk.bench().sheet(), view.viewport(), e.getX(), e.getY(), onHandle || hit.isPresent());
        if (guide.isPresent()) {
            return Optional.of(new GuidePress(view, desk, guide.get()));
        }
        if (onKnob) {
            return begun(new TurnGesture(desk.bench().selectedIds(), box.get(), pressedSheet));
        }
        if (handle.isPresent()) {
            return begun(new ResizeGesture(desk.bench().selectedIds(), box.get(), handle.get(), true, snapping()));
        }
        return hit.isPresent() ? pressedOn(hit.get(), e) : Optional.of(catching(e));
    }

    private Optional<Press> pressedOn(ElementId hit, MouseEvent e) {
        if (e.isShiftDown()) {
            desk.bench().toggle(hit);
            return Optional.empty();
        }
        if (!desk.bench().selection().contains(hit)) {
            desk.bench().select(List.of(hit));
        }
        return begun(new MoveGesture(desk.bench().selectedIds(), pressedSheet, snapping()));
    }

    private Optional<Press> begun(Gesture gesture) {
        return Optional.of(new SelectionPress(view, desk, gesture));
    }

    private Press catching(MouseEvent e) {
        Set<ElementId> before = e.isShiftDown() ? desk.bench().selection() : Set.of();
        desk.bench().select(before);
        return new RubberBand(view, desk.bench(), hits.picker(), pressedSheet, before);
    }

    private void clicked(MouseEvent e) {
        if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY && e.isStillSincePress()) {
            hit().filter(this::isGroup).ifPresent(desk.bench()::stepInto);
            hit().filter(id -> isText(id) && view.editing().caret().open().isEmpty())
                    .ifPresent(id -> view.editing().caret().openText(pressedSheet));
            view.editing()
                    .points()
                    .open()
                    .ifPresentOrElse(points -> PointPress.addPoint(view, points, pressedScreen), () -> hit().filter(
                                    this::isOutline)
                            .ifPresent(id -> view.editing().points().openShape()));
        }
    }

    private boolean isText(ElementId id) {
        return desk.bench().job().located(id).element() instanceof TextElement;
    }

    private boolean isOutline(ElementId id) {
        return desk.bench().job().located(id).element() instanceof ShapeElement;
    }

    private boolean isGroup(ElementId id) {
        return desk.bench().job().located(id).element() instanceof GroupElement;
    }

    private Optional<ElementId> hit() {
        return hits.at(pressedSheet, view.viewport().scale());
    }

    private Optional<ElementId> beneath() {
        return hits.beneath(pressedSheet, view.viewport().scale());
    }

    /** What a drag of the selection snaps to: everything beside it, and the sheet. */
    private Optional<Snapping> snapping() {
        Bench bench = desk.bench();
        return SelectionBox.upright(bench.selected())
                .map(box -> Snapping.of(
                        () -> new Snapper(
                                Neighbourhood.others(bench.level(), bench.levelToSheet(), bench.selection()).stream()
                                        .map(Neighbourhood.Neighbour::box)
                                        .toList(),
                                bench.sheet()),
                        box,
                        view.viewport().scale()));
    }

    private void released(MouseEvent e) {
        Optional<Press> ended = press;
        press = Optional.empty();
        ended.ifPresent(p -> p.released(pointer(e)));
    }

    private void hover(MouseEvent e) {
        if (view.tool().inHand().isPresent()) {
            view.tool()
                    .inHand()
                    .get()
                    .hover(
                            view.viewport().toSheet(e.getX(), e.getY()),
                            new Gesture.Keys(e.isShiftDown(), e.isAltDown(), e.isControlDown()));
            return;
        }
        if (spaceHeld || view.tool().brush().isPresent() || view.tool().isPointing()) {
            return;
        }
        Optional<Extent.TurnedBox> box = desk.selection().box();
        boolean knob = box.isPresent() && view.overlay().isTurnKnob(box.get(), view.viewport(), e.getX(), e.getY());
        Optional<Anchor> handle = box.flatMap(b -> view.overlay().handleAt(b, view.viewport(), e.getX(), e.getY()));
        view.setCursor(
                knob ? Cursor.CROSSHAIR : handle.map(SheetGestures::cursor).orElse(Cursor.DEFAULT));
    }

    private static Cursor cursor(Anchor handle) {
        return switch (handle) {
            case TOP_LEFT, BOTTOM_RIGHT -> Cursor.NW_RESIZE;
            case TOP_RIGHT, BOTTOM_LEFT -> Cursor.NE_RESIZE;
            case LEFT, RIGHT -> Cursor.H_RESIZE;
            default -> Cursor.V_RESIZE;
        };
    }

    private void scrolled(ScrollEvent e) {
        if (e.isControlDown() || e.isMetaDown()) {
            view.look(view.viewport().zoomed(Math.exp(e.getDeltaY() / 240), e.getX(), e.getY()));
        } else {
            boolean sideways = e.isShiftDown() && e.getDeltaX() == 0;
            view.look(view.viewport().panned(sideways ? e.getDeltaY() : e.getDeltaX(), sideways ? 0 : e.getDeltaY()));
        }
        e.consume();
    }

    private Pointer pointer(MouseEvent e) {
        return new Pointer(
                pressedScreen,
                new Point(e.getX(), e.getY()),
                view.viewport().toSheet(e.getX(), e.getY()),
                new Gesture.Keys(e.isShiftDown(), e.isAltDown(), e.isControlDown()));
    }
}
