package rondel.desktop.sheet.drawing;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import rondel.compose.shape.DrawnShape;
import rondel.desktop.desk.Desk;
import rondel.desktop.sheet.Gesture;
import rondel.desktop.sheet.Pointer;
import rondel.desktop.sheet.Press;
import rondel.desktop.sheet.SheetSnap;
import rondel.desktop.sheet.SheetTool;
import rondel.desktop.sheet.SheetView;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.shape.PlainShape;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Draws one plain shape: a drag makes it as large as the drag, with Shift its sides equal, with Alt from the middle; a press, or
 *  Enter, makes it at its usual size. */
public final class ShapeDrawing implements SheetTool {

    private final Desk desk;
    private final SheetView view;
    private final PlainShape usual;
    private final Consumer<DrawnShape> drawn;

    /** @param drawn hears of the shape, in mm on the sheet */
    public ShapeDrawing(Desk desk, SheetView view, PlainShape usual, Consumer<DrawnShape> drawn) {
        this.desk = desk;
        this.view = view;
        this.usual = usual;
        this.drawn = drawn;
    }

    @Override
    public Press press(Pointer at) {
        SheetSnap snap = SheetSnap.of(view, desk.bench(), Set.of());
        return new Drag(snap, snap.at(at.sheet(), at.keys()));
    }

    @Override
    public boolean key(KeyEvent e) {
        if (e.getCode() != KeyCode.ENTER) {
            return false;
        }
        finish(DrawnShape.about(usual, view.middle()));
        return true;
    }

    @Override
    public void putDown() {
        view.drawing().clear();
        view.showSnap(List.of());
    }

    private void finish(DrawnShape shape) {
        view.tool().putDown();
        drawn.accept(shape);
    }

    private final class Drag implements Press {

        private final SheetSnap snap;
        private final Point from;

        Drag(SheetSnap snap, Point from) {
            this.snap = snap;
            this.from = from;
        }

        private Optional<DrawnShape> shape(Pointer at) {
            Gesture.Keys keys = at.keys();
            Point to = snap.at(at.sheet(), keys);
            if (!at.hasMoved() || to.distanceTo(from) == 0) {
                return Optional.empty();
            }
            try {
                return Optional.of(DrawnShape.between(usual, from, to, new DrawnShape.Way(keys.shift(), keys.alt())));
            } catch (Refusal tooSmall) {
                // What is too small for its edge is no drag yet: let go there, it is a press.
                return Optional.empty();
            }
        }

        @Override
        public void dragged(Pointer at) {
            shape(at).ifPresent(s -> {
                view.drawing()
                        .show(s.shape().outline(), view.viewport().toScreen().times(Affine.translate(s.x(), s.y())));
                view.drawing().say(size(s), at.now());
            });
        }

        private String size(DrawnShape s) {
            LengthUnit unit = desk.bench().job().unit();
            Box box = s.shape().outline().bounds().orElseThrow();
            return LengthFormat.withUnit(box.width(), unit) + " × " + LengthFormat.withUnit(box.height(), unit);
        }

        @Override
        public void released(Pointer at) {
            finish(shape(at).orElseGet(() -> DrawnShape.about(usual, at.sheet())));
        }

        @Override
        public boolean callOff() {
            return view.tool().putDown();
        }
    }
}
