package rondel.desktop.sheet;

import javafx.geometry.Orientation;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;
import rondel.units.LengthUnit;
import rondel.words.Decimals;

/** Marks along an edge of the window in the job's unit, counted from the sheet's corner. */
final class Ruler extends Region {

    static final double THICKNESS = 20;
    private static final double[] STEPS = {1, 2, 5, 10, 20, 50, 100, 200, 500, 1000};
    private static final double[] INCH_STEPS = {0.125, 0.25, 0.5, 1, 2, 6, 12, 24};

    private final Orientation orientation;
    private final Canvas canvas = new Canvas();

    /** Never seen: has the colour of marks from the style sheet. */
    private final Label ink = new Label();

    private double drawnScale;
    private double drawnOrigin;
    private double drawnLength;
    private LengthUnit drawnUnit;

    Ruler(Orientation orientation) {
        this.orientation = orientation;
        setMouseTransparent(true);
        getStyleClass().add("ruler");
        ink.getStyleClass().add("ruler-ink");
        ink.setVisible(false);
        ink.setManaged(false);
        ink.textFillProperty().addListener(o -> draw(orientation == Orientation.HORIZONTAL, drawnUnit, drawnLength));
        getChildren().addAll(canvas, ink);
        canvas.setManaged(false);
    }

    /** Draws a third more at both ends than is visible, so that a pan only moves the strip. */
    void show(Viewport viewport, LengthUnit unit, double length) {
        boolean across = orientation == Orientation.HORIZONTAL;
        double origin = across ? viewport.originX() : viewport.originY();
        double shift = origin - drawnOrigin;
        boolean same = viewport.scale() == drawnScale && unit == drawnUnit && length == drawnLength;
        if (!same || Math.abs(shift) > length / 3) {
            drawnScale = viewport.scale();
            drawnUnit = unit;
            drawnLength = length;
            drawnOrigin = origin;
            shift = 0;
            draw(across, unit, length);
        }
        double at = Math.rint(shift - length / 3);
        canvas.setTranslateX(across ? at : 0);
        canvas.setTranslateY(across ? 0 : at);
    }

    private void draw(boolean across, LengthUnit unit, double visible) {
        if (unit == null) {
            return;
        }
        double length = visible * 5 / 3;
        canvas.setWidth(across ? length : THICKNESS);
        canvas.setHeight(across ? THICKNESS : length);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.setFill(ink.getTextFill());
        g.setFont(Font.font("Nunito", 9.5));
        double perUnit = unit.toMm(1) * drawnScale;
        double step = step(unit, perUnit);
        int parts = unit == LengthUnit.IN ? step >= 1 ? 4 : 2 : 5;
        double origin = drawnOrigin + Math.rint(visible / 3);
        long from = (long) Math.floor(-origin / (perUnit * step)) - 1;
        long to = (long) Math.ceil((length - origin) / (perUnit * step)) + 1;
        for (long i = from; i <= to; i++) {
            double at = Math.rint(origin + i * step * perUnit) + 0.5;
            mark(g, across, at, THICKNESS - 8);
            label(g, across, at, text(i * step));
            for (int p = 1; p < parts; p++) {
                mark(g, across, Math.rint(origin + (i + p / (double) parts) * step * perUnit) + 0.5, 4);
            }
        }
    }

    private static double step(LengthUnit unit, double perUnit) {
        for (double step : unit == LengthUnit.IN ? INCH_STEPS : STEPS) {
            if (step * perUnit >= 44) {
                return step;
            }
        }
        return unit == LengthUnit.IN ? 48 : 2000;
    }

    private static String text(double value) {
        return Decimals.plain(value, 3);
    }

    /** As a box: lines are shaped first, which takes many times as long where nothing but the processor paints. */
    private static void mark(GraphicsContext g, boolean across, double at, double length) {
        if (across) {
            g.fillRect(at - 0.5, THICKNESS - length, 1, length);
        } else {
            g.fillRect(THICKNESS - length, at - 0.5, length, 1);
        }
    }

    private static void label(GraphicsContext g, boolean across, double at, String text) {
        if (across) {
            g.fillText(text, at + 3, 9);
        } else {
            g.save();
            g.translate(9, at - 3);
            g.rotate(-90);
            g.fillText(text, 0, 0);
            g.restore();
        }
    }
}
