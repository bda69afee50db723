package rondel.desktop.sheet;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.layout.Region;
import rondel.geometry.Point;

/** What presses on the sheet do instead of selecting: paint with a brush, or say a place that somebody waits for. */
public final class HeldTool {

    private final Region sheet;
    private final BrushLayer layer = new BrushLayer();
    private Optional<SheetBrush> brush = Optional.empty();
    private Optional<Consumer<Point>> pointing = Optional.empty();
    private Optional<SheetTool> inHand = Optional.empty();

    HeldTool(Region sheet) {
        this.sheet = sheet;
    }

    /** Has presses and drags paint, or select again. */
    public void brushWith(Optional<SheetBrush> other) {
        brush = other;
        layer.end();
        sheet.setCursor(other.isPresent() ? Cursor.CROSSHAIR : Cursor.DEFAULT);
    }

    Optional<SheetBrush> brush() {
        return brush;
    }

    BrushLayer layer() {
        return layer;
    }

    /** Takes a tool in hand, in the place of what was. */
    public void take(SheetTool tool) {
        putDown();
        inHand = Optional.of(tool);
        sheet.setCursor(Cursor.CROSSHAIR);
        sheet.requestFocus();
    }

    /** Puts down what is in hand; true where something was. */
    public boolean putDown() {
        Optional<SheetTool> held = inHand;
        inHand = Optional.empty();
        held.ifPresent(SheetTool::putDown);
        if (held.isPresent()) {
            sheet.setCursor(Cursor.DEFAULT);
        }
        return held.isPresent();
    }

    /** What is in hand. */
    public Optional<SheetTool> inHand() {
        return inHand;
    }

    /** Takes the next click on the sheet as a place that is meant. */
    public void pointNext(Consumer<Point> then) {
        pointing = Optional.of(then);
        sheet.setCursor(Cursor.CROSSHAIR);
        sheet.requestFocus();
    }

    /** Whether somebody waits for the next click. */
    boolean isPointing() {
        return pointing.isPresent();
    }

    /** Who waits for the next click; from now on nobody does. */
    Optional<Consumer<Point>> takePointing() {
        Optional<Consumer<Point>> waiting = pointing;
        pointing = Optional.empty();
        waiting.ifPresent(w -> sheet.setCursor(Cursor.DEFAULT));
        return waiting;
    }
}
