package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;

/** Draws a stroke of a brush. */
final class BrushPress implements Press {

    private final SheetView view;
    private final SheetBrush brush;
    private final List<Point> points = new ArrayList<>();

    /** @param from where on the sheet the stroke begins, in mm */
    BrushPress(SheetView view, SheetBrush brush, Point from) {
        this.view = view;
        this.brush = brush;
        add(from);
    }

    private void add(Point p) {
        points.add(p);
        view.tool().layer().show(brush, points, view.viewport());
    }

    @Override
    public void dragged(Pointer at) {
        add(at.sheet());
    }

    @Override
    public void released(Pointer at) {
        view.tool().layer().end();
        brush.stroke(List.copyOf(points));
    }
}
