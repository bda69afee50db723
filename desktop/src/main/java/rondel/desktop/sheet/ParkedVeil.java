package rondel.desktop.sheet;

import javafx.scene.layout.Pane;
import javafx.scene.shape.Ellipse;
import javafx.scene.shape.Rectangle;
import rondel.job.Sheet;

/** Dims what lies off the sheet, and draws the trim, the safe margin and the field of a round hoop over the artwork. */
final class ParkedVeil extends Pane {

    private final Rectangle[] sides = {
        PaperLayer.outline("parked"),
        PaperLayer.outline("parked"),
        PaperLayer.outline("parked"),
        PaperLayer.outline("parked")
    };
    private final Rectangle trim = PaperLayer.outline("trim-line");
    private final Rectangle safe = PaperLayer.outline("safe-line");
    private final Ellipse hoop = new Ellipse();

    ParkedVeil() {
        setMouseTransparent(true);
        getChildren().addAll(sides);
        hoop.setId("round-hoop");
        hoop.getStyleClass().setAll("safe-line");
        getChildren().addAll(trim, safe, hoop);
    }

    /** @param round whether the sheet is the field of a round hoop */
    void show(Sheet sheet, boolean round, Viewport viewport, double width, double height) {
        PaperLayer.place(trim, sheet.trim(), viewport);
        PaperLayer.place(safe, sheet.trim().grown(-sheet.safeMargin()), viewport);
        safe.setVisible(sheet.safeMargin() > 0);
        hoop.setVisible(round);
        hoop.setCenterX(trim.getX() + trim.getWidth() / 2);
        hoop.setCenterY(trim.getY() + trim.getHeight() / 2);
        hoop.setRadiusX(trim.getWidth() / 2);
        hoop.setRadiusY(trim.getHeight() / 2);
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
