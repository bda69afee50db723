package rondel.desktop.sheet;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;
import rondel.job.Sheet;

/** Dims what lies off the sheet, and draws the trim and the safe margin over the artwork. */
final class ParkedVeil extends Pane {

    private final Rectangle[] sides = {
        PaperLayer.outline("parked"),
        PaperLayer.outline("parked"),
        PaperLayer.outline("parked"),
        PaperLayer.outline("parked")
    };
    private final Rectangle trim = PaperLayer.outline("trim-line");
    private final Rectangle safe = PaperLayer.outline("safe-line");

    ParkedVeil() {
        setMouseTransparent(true);
        getChildren().addAll(sides);
        getChildren().addAll(trim, safe);
    }

    void show(Sheet sheet, Viewport viewport, double width, double height) {
        PaperLayer.place(trim, sheet.trim(), viewport);
        PaperLayer.place(safe, sheet.trim().grown(-sheet.safeMargin()), viewport);
        safe.setVisible(sheet.safeMargin() > 0);
        double left = clamp(trim.getX(), width);
        double top = clamp(trim.getY(), height);
        double right = clamp(trim.getX() + trim.getWidth(), width);
        double bottom = clamp(trim.getY() + trim.getHeight(), height);
        set(sides[0], 0, 0, width, top);
        set(sides[1], 0, bottom, width, height - bottom);
        set(sides[2], 0, top, left, bottom - top);
        set(sides[3], right, top, width - right, bottom - top);
    }

    private static double clamp(double v, double most) {
        return Math.min(most, Math.max(0, v));
    }

    private static void set(Rectangle r, double x, double y, double w, double h) {
        r.setX(x);
        r.setY(y);
        r.setWidth(Math.max(0, w));
        r.setHeight(Math.max(0, h));
    }
}
