package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import rondel.compose.arrange.Move;
import rondel.compose.snap.Snap;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.operation.Operation;

/** Drags the selection; with Shift along one axis only, with Control without snapping. */
record MoveGesture(List<ElementId> ids, Point start, Optional<Snapping> snapping) implements Gesture {

    private record Step(double dx, double dy, Snap snap) {}

    private Step step(Point pointer, Keys keys) {
        double dx = pointer.x() - start.x();
        double dy = pointer.y() - start.y();
        boolean across = !keys.shift() || Math.abs(dx) >= Math.abs(dy);
        boolean down = !keys.shift() || !across;
        double x = across ? dx : 0;
        double y = down ? dy : 0;
        if (keys.control() || snapping.isEmpty()) {
            return new Step(x, y, Snap.NONE);
        }
        Snap snap = snapping.get().moved(x, y);
        return new Step(across ? x + snap.dx() : x, down ? y + snap.dy() : y, snap);
    }

    @Override
    public Affine preview(Point pointer, Keys keys) {
        Step step = step(pointer, keys);
        return Affine.translate(step.dx, step.dy);
    }

    @Override
    public List<Snap.Line> lines(Point pointer, Keys keys) {
        return keys.shift() ? List.of() : step(pointer, keys).snap.lines();
    }

    @Override
    public Optional<Operation> finish(Point pointer, Keys keys) {
        Step step = step(pointer, keys);
        return step.dx == 0 && step.dy == 0 ? Optional.empty() : Optional.of(new Move(ids, step.dx, step.dy));
    }
}
