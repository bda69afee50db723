package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import rondel.arrange.Move;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.operation.Operation;

/** Drags the selection; with Shift along one axis only. */
record MoveGesture(List<ElementId> ids, Point start) implements Gesture {

    @Override
    public Affine preview(Point pointer, Keys keys) {
        double dx = pointer.x() - start.x();
        double dy = pointer.y() - start.y();
        if (keys.shift()) {
            return Math.abs(dx) >= Math.abs(dy) ? Affine.translate(dx, 0) : Affine.translate(0, dy);
        }
        return Affine.translate(dx, dy);
    }

    @Override
    public Optional<Operation> finish(Point pointer, Keys keys) {
        Affine move = preview(pointer, keys);
        return move.e() == 0 && move.f() == 0 ? Optional.empty() : Optional.of(new Move(ids, move.e(), move.f()));
    }
}
