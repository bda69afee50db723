package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Rotate;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.operation.Operation;

/** Turns the selection about its middle; with Shift it stops at every 15 degrees. */
record TurnGesture(List<ElementId> ids, Extent.TurnedBox box, Point start) implements Gesture {

    private static final double STEP = 15;

    private double angle(Point pointer, Keys keys) {
        Point c = box.centre();
        double from = Math.toDegrees(Math.atan2(start.y() - c.y(), start.x() - c.x()));
        double to = Math.toDegrees(Math.atan2(pointer.y() - c.y(), pointer.x() - c.x()));
        double turn = to - from;
        return keys.shift() ? Math.rint((box.degrees() + turn) / STEP) * STEP - box.degrees() : turn;
    }

    @Override
    public Affine preview(Point pointer, Keys keys) {
        return Affine.rotate(angle(pointer, keys), box.centre());
    }

    @Override
    public Optional<Operation> finish(Point pointer, Keys keys) {
        double turn = angle(pointer, keys);
        return turn == 0 ? Optional.empty() : Optional.of(new Rotate(ids, turn, Anchor.CENTRE));
    }
}
