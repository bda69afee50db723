package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import rondel.desktop.app.Desk;
import rondel.desktop.model.Bench;
import rondel.desktop.model.SelectionBox;
import rondel.desktop.text.LetterChoice;
import rondel.desktop.text.LetterDrag;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.TextElement;
import rondel.pick.Picker;
import rondel.snap.Snapper;
import rondel.spacing.Neighbourhood;

/** Turns what the mouse does on the sheet into selections, drags and views. */
final class SheetGestures {

    private static final double REACH = 3;
    private static final double STILL = 3;

    /** What a press has begun. */
    private enum Mode {
        NOTHING,
        PRESSED,
        DRAGGING,
        CATCHING,
        GUIDING,
        LETTERING,
        BRUSHING,
        PANNING
    }

    private final Desk desk;
    private final SheetView view;
    private final List<Point> brushed = new ArrayList<>();
    private Mode mode = Mode.NOTHING;
    private boolean spaceHeld;
    private Gesture gesture;
    private Point pressedScreen = Point.ORIGIN;
    private Point pressedSheet = Point.ORIGIN;
    private Set<ElementId> before = Set.of();
    private Viewport panFrom;
    private Picker picker;
    private List<?> pickedLevel;
    private GuideDrag guide;
    private LetterDrag letter;

    SheetGestures(Desk desk, SheetView view) {
        this.desk = desk;
        this.view = view;
    }

    void listen() {
        view.setOnMousePressed(this::pressed);
        view.setOnMouseDragged(this::dragged);
        view.setOnMouseReleased(this::released);
        view.setOnMouseClicked(this::clicked);
        view.setOnMouseMoved(this::hover);
        view.setOnScroll(this::scrolled);
        view.setOnZoom(e -> view.look(view.viewport().zoomed(e.getZoomFactor(), e.getX(), e.getY())));
        view.addEventHandler(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.SPACE) {
                spaceHeld = true;
                view.setCursor(Cursor.OPEN_HAND);
            } else if (e.getCode() == KeyCode.ESCAPE && view.takePointing().isPresent()) {
                view.setCursor(Cursor.DEFAULT);
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE && letGo()) {
                e.consume();
            }
        });
        view.addEventHandler(javafx.scene.input.KeyEvent.KEY_RELEASED, e -> {
            if (e.getCode() == KeyCode.SPACE) {
                spaceHeld = false;
                view.setCursor(Cursor.DEFAULT);
            }
        });
    }

    /** Calls off a drag of the selection; true where one was under way. */
    boolean letGo() {
        if (mode != Mode.DRAGGING) {
            return false;
        }
        mode = Mode.NOTHING;
        view.drop();
        return true;
    }

    private Picker picker() {
        if (pickedLevel != desk.bench().level()) {
            pickedLevel = desk.bench().level();
            picker = new Picker(desk.bench().level(), desk.bench().levelToSheet());
        }
        return picker;
    }

    private void pressed(MouseEvent e) {
        view.requestFocus();
        pressedScreen = new Point(e.getX(), e.getY());
        pressedSheet = view.viewport().toSheet(e.getX(), e.getY());
        Optional<Consumer<Point>> pointing = view.takePointing();
        if (pointing.isPresent()) {
            mode = Mode.NOTHING;
            view.setCursor(Cursor.DEFAULT);
            pointing.get().accept(pressedSheet);
            return;
        }
        if (e.getButton() == MouseButton.MIDDLE || spaceHeld && e.getButton() == MouseButton.PRIMARY) {
            mode = Mode.PANNING;
            panFrom = view.viewport();
            view.setCursor(Cursor.CLOSED_HAND);
        } else if (e.getButton() == MouseButton.PRIMARY) {
            pressedPrimary(e);
        } else if (e.getButton() == MouseButton.SECONDARY) {
            hit().filter(id -> !desk.bench().selection().contains(id))
                    .ifPresent(id -> desk.bench().select(List.of(id)));
        }
    }

    /** A press on an opened text: on a knob, on a letter, or beside them, which closes it again. */
    private boolean pressedLetter(LetterChoice letters, MouseEvent e) {
        Optional<LetterDrag.Kind> knob = LetterLayer.knobAt(letters, view.viewport(), e.getX(), e.getY());
        if (knob.isEmpty()) {
            OptionalInt hit = letters.at(pressedSheet);
            if (hit.isEmpty()) {
                letters.close();
                return false;
            }
            letters.pick(hit.getAsInt());
        }
        mode = Mode.LETTERING;
        letter = new LetterDrag(
                knob.orElse(LetterDrag.Kind.MOVE),
                letters.picked().orElseThrow(),
                letters.lettering().orElseThrow().size(),
                letters.toSheet().orElseThrow(),
                pressedSheet);
        return true;
    }

    private void pressedPrimary(MouseEvent e) {
        if (view.brush().isPresent()) {
            mode = Mode.BRUSHING;
            brushed.clear();
            brushed.add(pressedSheet);
            view.brushLayer().show(view.brush().get(), brushed, view.viewport());
            return;
        }
        Optional<LetterChoice> letters = view.openLetters();
        if (letters.isPresent() && pressedLetter(letters.get(), e)) {
            return;
        }
        Optional<Extent.TurnedBox> box = SelectionBox.of(desk.bench().selected());
        Optional<Anchor> handle = box.flatMap(b -> view.overlay().handleAt(b, view.viewport(), e.getX(), e.getY()));
        mode = Mode.PRESSED;
        boolean onHandle = handle.isPresent()
                || box.isPresent() && view.overlay().isTurnKnob(box.get(), view.viewport(), e.getX(), e.getY());
        Optional<ElementId> hit = onHandle ? Optional.empty() : e.isAltDown() ? beneath() : hit();
        Optional<GuideDrag> dragged =
                GuideDrag.at(desk.bench().sheet(), view.viewport(), e.getX(), e.getY(), onHandle || hit.isPresent());
        if (dragged.isPresent()) {
            guide = dragged.get();
            mode = Mode.GUIDING;
            return;
        }
        if (box.isPresent() && view.overlay().isTurnKnob(box.get(), view.viewport(), e.getX(), e.getY())) {
            gesture = new TurnGesture(desk.bench().selectedIds(), box.get(), pressedSheet);
            return;
        }
        if (handle.isPresent()) {
            gesture = new ResizeGesture(desk.bench().selectedIds(), box.get(), handle.get(), true, snapping());
            return;
        }
        if (hit.isEmpty()) {
            before = e.isShiftDown() ? desk.bench().selection() : Set.of();
            desk.bench().select(before);
            mode = Mode.CATCHING;
            return;
        }
        if (e.isShiftDown()) {
            desk.bench().toggle(hit.get());
            mode = Mode.NOTHING;
            return;
        }
        if (!desk.bench().selection().contains(hit.get())) {
            desk.bench().select(List.of(hit.get()));
        }
        gesture = new MoveGesture(desk.bench().selectedIds(), pressedSheet, snapping());
    }

    private void clicked(MouseEvent e) {
        if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY && e.isStillSincePress()) {
            hit().filter(this::isGroup).ifPresent(desk.bench()::stepInto);
            hit().filter(this::isText).ifPresent(id -> view.openText());
        }
    }

    private boolean isText(ElementId id) {
        return desk.bench().job().located(id).element() instanceof TextElement;
    }

    private boolean isGroup(ElementId id) {
        return desk.bench().job().located(id).element() instanceof GroupElement;
    }

    /** What lies under the selected thing at the pointer, round to the front again. */
    private Optional<ElementId> beneath() {
        List<ElementId> all = picker().at(pressedSheet, REACH / view.viewport().scale());
        for (int i = 0; i < all.size(); i++) {
            if (desk.bench().selection().contains(all.get(i))) {
                return Optional.of(all.get((i + 1) % all.size()));
            }
        }
        return all.stream().findFirst();
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

    /** What a click means: a selected thing where one is under it, else the frontmost. */
    private Optional<ElementId> hit() {
        List<ElementId> all = picker().at(pressedSheet, REACH / view.viewport().scale());
        return all.stream()
                .filter(desk.bench().selection()::contains)
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    private void dragged(MouseEvent e) {
        Point pointer = view.viewport().toSheet(e.getX(), e.getY());
        switch (mode) {
            case PANNING -> view.look(panFrom.panned(e.getX() - pressedScreen.x(), e.getY() - pressedScreen.y()));
            case CATCHING -> {
                Box box = Box.between(pressedSheet.x(), pressedSheet.y(), pointer.x(), pointer.y());
                view.overlay().showCatching(Optional.of(box), view.viewport());
            }
            case PRESSED -> {
                if (pressedScreen.distanceTo(new Point(e.getX(), e.getY())) > STILL) {
                    mode = Mode.DRAGGING;
                    view.lift();
                    view.drag(gesture.preview(pointer, keys(e)), gesture.lines(pointer, keys(e)));
                }
            }
            case DRAGGING -> view.drag(gesture.preview(pointer, keys(e)), gesture.lines(pointer, keys(e)));
            case LETTERING ->
                view.openLetters()
                        .flatMap(LetterChoice::letter)
                        .ifPresent(l -> view.showLetter(Optional.of(
                                letter.placement(letter.change(pointer).apply(l)))));
            case BRUSHING -> {
                brushed.add(pointer);
                view.brush().ifPresent(b -> view.brushLayer().show(b, brushed, view.viewport()));
            }
            case GUIDING -> view.showGuides(Optional.of(guide.preview(view.viewport(), e.getX(), e.getY())));
            case NOTHING -> {}
        }
    }

    private void released(MouseEvent e) {
        Point pointer = view.viewport().toSheet(e.getX(), e.getY());
        Mode ended = mode;
        mode = Mode.NOTHING;
        switch (ended) {
            case CATCHING -> {
                view.overlay().showCatching(Optional.empty(), view.viewport());
                if (pressedScreen.distanceTo(new Point(e.getX(), e.getY())) > STILL) {
                    Set<ElementId> caught = new LinkedHashSet<>(before);
                    caught.addAll(picker().within(
                                    Box.between(pressedSheet.x(), pressedSheet.y(), pointer.x(), pointer.y()),
                                    e.isAltDown() ? Picker.Rule.TOUCH : Picker.Rule.ENCLOSE));
                    desk.bench().select(caught);
                }
            }
            case DRAGGING -> {
                gesture.finish(pointer, keys(e)).ifPresent(desk::perform);
                view.drop();
            }
            case LETTERING -> {
                if (pressedScreen.distanceTo(new Point(e.getX(), e.getY())) > STILL) {
                    view.openLetters().ifPresent(l -> l.change(letter.change(pointer)));
                }
            }
            case BRUSHING -> {
                view.brushLayer().end();
                view.brush().ifPresent(b -> b.stroke(List.copyOf(brushed)));
            }
            case GUIDING -> {
                view.showGuides(Optional.empty());
                guide.finish(view.viewport(), e.getX(), e.getY()).ifPresent(desk::perform);
            }
            case PANNING -> view.setCursor(spaceHeld ? Cursor.OPEN_HAND : Cursor.DEFAULT);
            case PRESSED, NOTHING -> {}
        }
    }

    private void hover(MouseEvent e) {
        if (spaceHeld || view.brush().isPresent()) {
            return;
        }
        Optional<Extent.TurnedBox> box = SelectionBox.of(desk.bench().selected());
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

    private static Gesture.Keys keys(MouseEvent e) {
        return new Gesture.Keys(e.isShiftDown(), e.isAltDown(), e.isControlDown());
    }
}
