package rondel.desktop.run.play;

import java.util.List;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import rondel.desktop.sheet.Viewport;
import rondel.geometry.Box;
import rondel.geometry.Point;

/** Layers that a pass is painted on, panned by dragging and zoomed by the wheel; a press that does not drag is a click. */
public final class PassPane extends Pane {

    private static final double STILL = 3;
    private static final double WHEEL = 1.0015;

    private final List<Canvas> layers;
    private final Painting painting;
    private Viewport view = new Viewport(2, 0, 0);
    private double pressedX;
    private double pressedY;
    private boolean dragged;

    /** What is painted on it, and what a click on it does. */
    public interface Painting {

        /** What all of it is, on the sheet. */
        Box all();

        /** How much room is left around that, in px. */
        double room();

        /** Something else is looked at. */
        void looked();

        /** @param adding whether beside what is held */
        void clicked(Point onSheet, boolean adding);
    }

    @SuppressWarnings("this-escape") // its own listeners only
    public PassPane(Painting painting, Canvas... layers) {
        super(layers);
        this.painting = painting;
        this.layers = List.of(layers);
        setMinSize(0, 0);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        widthProperty().addListener(o -> resized());
        heightProperty().addListener(o -> resized());
        setOnScroll(e -> zoom(Math.pow(WHEEL, e.getDeltaY()), e.getX(), e.getY()));
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(this::released);
    }

    /** From the sheet to the pane. */
    public Viewport view() {
        return view;
    }

    private void resized() {
        for (Canvas c : layers) {
            c.setWidth(getWidth());
            c.setHeight(getHeight());
        }
        fit();
    }

    /** Shows all of it. */
    public void fit() {
        if (getWidth() > 0 && getHeight() > 0) {
            view = Viewport.fitting(painting.all(), getWidth(), getHeight(), painting.room());
            painting.looked();
        }
    }

    /** Shows it as large as it is. */
    public void trueSize() {
        zoom(Viewport.TRUE_SIZE / view.scale());
    }

    public void zoom(double factor) {
        zoom(factor, getWidth() / 2, getHeight() / 2);
    }

    private void zoom(double factor, double x, double y) {
        view = view.zoomed(factor, x, y);
        painting.looked();
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        pressedX = e.getX();
        pressedY = e.getY();
        dragged = false;
    }

    private void dragged(MouseEvent e) {
        if (dragged || Math.hypot(e.getX() - pressedX, e.getY() - pressedY) > STILL) {
            dragged = true;
            view = view.panned(e.getX() - pressedX, e.getY() - pressedY);
            pressedX = e.getX();
            pressedY = e.getY();
            painting.looked();
        }
    }

    private void released(MouseEvent e) {
        if (!dragged) {
            painting.clicked(view.toSheet(e.getX(), e.getY()), e.isShiftDown() || e.isShortcutDown());
        }
    }
}
