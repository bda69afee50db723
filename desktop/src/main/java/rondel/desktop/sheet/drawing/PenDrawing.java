package rondel.desktop.sheet.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import rondel.compose.outline.PenPath;
import rondel.compose.outline.PenPath.Knot;
import rondel.desktop.desk.Desk;
import rondel.desktop.sheet.Gesture;
import rondel.desktop.sheet.Pointer;
import rondel.desktop.sheet.Press;
import rondel.desktop.sheet.SheetSnap;
import rondel.desktop.sheet.SheetTool;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.geometry.Point;

/** Draws an outline of one's own: a press sets a corner, a press and a drag a smooth point, a press on the first point closes it,
 *  Enter leaves it open, Backspace takes the last point back, Escape drops it all. */
public final class PenDrawing implements SheetTool {

    private static final double REACH = 9;

    private final Desk desk;
    private final SheetView view;
    private final Consumer<Outline> drawn;
    private PenPath path = PenPath.EMPTY;

    /** @param drawn hears of the outline, in mm on the sheet */
    public PenDrawing(Desk desk, SheetView view, Consumer<Outline> drawn) {
        this.desk = desk;
        this.view = view;
        this.drawn = drawn;
    }

    private SheetSnap snap() {
        return SheetSnap.of(view, desk.bench(), Set.of());
    }

    /** The place meant, with Shift at a multiple of 45 degrees from the last one. */
    private Point meant(Point sheet, Gesture.Keys keys, SheetSnap snap) {
        Point at = snap.at(sheet, keys);
        if (!keys.shift() || path.knots().isEmpty()) {
            return at;
        }
        Point last = path.knots().getLast().at();
        double angle = Math.rint(Math.atan2(at.y() - last.y(), at.x() - last.x()) / (Math.PI / 4)) * (Math.PI / 4);
        double length = last.distanceTo(at);
        return last.plus(length * Math.cos(angle), length * Math.sin(angle));
    }

    @Override
    public Press press(Pointer at) {
        if (closes(at.now())) {
            return new Closing();
        }
        return new Setting(meant(at.sheet(), at.keys(), snap()));
    }

    private boolean closes(Point screen) {
        return path.isEnough(true)
                && view.viewport().toScreen(path.knots().getFirst().at()).distanceTo(screen) <= REACH;
    }

    @Override
    public void hover(Point sheet, Gesture.Keys keys) {
        if (!path.knots().isEmpty()) {
            boolean closing = closes(view.viewport().toScreen(sheet));
            show(closing ? path : path.plus(new Knot(meant(sheet, keys, snap()), Optional.empty())), closing);
        }
    }

    @Override
    public boolean key(KeyEvent e) {
        if (e.getCode() == KeyCode.ENTER && path.isEnough(false)) {
            finish(false);
            return true;
        }
        if (e.getCode() == KeyCode.BACK_SPACE || e.getCode() == KeyCode.DELETE) {
            path = path.without();
            show(path, false);
            return true;
        }
        return false;
    }

    @Override
    public void putDown() {
        view.drawing().clear();
        view.showSnap(List.of());
    }

    private void finish(boolean closed) {
        Outline outline = path.outline(closed);
        view.tool().putDown();
        drawn.accept(outline);
    }

    private void show(PenPath shown, boolean closed) {
        Affine toScreen = view.viewport().toScreen();
        view.drawing().show(shown.outline(closed), toScreen);
        List<Point> places = new ArrayList<>();
        path.knots().forEach(k -> places.add(toScreen.apply(k.at())));
        view.drawing().addPlaces(places);
    }

    /** Sets one point; a drag draws its handle. */
    private final class Setting implements Press {

        private final Point at;

        Setting(Point at) {
            this.at = at;
            show(path.plus(knot(Optional.empty())), false);
        }

        private Knot knot(Optional<Point> handle) {
            return new Knot(at, handle);
        }

        private Knot knot(Pointer pointer) {
            return knot(pointer.hasMoved() ? Optional.of(pointer.sheet()) : Optional.empty());
        }

        @Override
        public void dragged(Pointer pointer) {
            Knot k = knot(pointer);
            show(path.plus(k), false);
            Affine toScreen = view.viewport().toScreen();
            k.handle().ifPresent(h -> view.drawing().addArm(toScreen.apply(at), toScreen.apply(h)));
        }

        @Override
        public void released(Pointer pointer) {
            path = path.plus(knot(pointer));
            show(path, false);
            view.showSnap(List.of());
        }
    }

    /** A press on the first point. */
    private final class Closing implements Press {

        @Override
        public void dragged(Pointer at) {}

        @Override
        public void released(Pointer at) {
            finish(true);
        }
    }
}
