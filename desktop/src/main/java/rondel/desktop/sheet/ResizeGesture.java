package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.arrange.Resize;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.operation.Operation;
import rondel.snap.Snap;

/** Drags a handle of the selection's box: a corner sizes both sides, in ratio unless that is unlocked or Shift is held; a
 *  side's handle that side alone. With Alt, about the middle. */
record ResizeGesture(
        List<ElementId> ids, Extent.TurnedBox box, Anchor handle, boolean ratioLocked, Optional<Snapping> snapping)
        implements Gesture {

    private static final double SMALLEST = 0.01;

    private record Size(double width, double height, Anchor anchor) {}

    /** An upright side, or a corner that is free, snaps to what it is dragged near; Control keeps it from that. */
    private Snap snap(Point pointer, Keys keys) {
        boolean corner = handle.across() != 0.5 && handle.down() != 0.5;
        boolean held = corner && ratioLocked != keys.shift();
        if (snapping.isEmpty() || keys.control() || held || box.degrees() != 0) {
            return Snap.NONE;
        }
        Snap all = snapping.get().at(pointer);
        List<Snap.Line> lines = all.lines().stream()
                .filter(l -> l.axis() == Axis.HORIZONTAL ? handle.across() != 0.5 : handle.down() != 0.5)
                .toList();
        return new Snap(handle.across() == 0.5 ? 0 : all.dx(), handle.down() == 0.5 ? 0 : all.dy(), lines);
    }

    @Override
    public List<Snap.Line> lines(Point pointer, Keys keys) {
        return snap(pointer, keys).lines();
    }

    private Size size(Point where, Keys keys) {
        Snap snap = snap(where, keys);
        Point pointer = where.plus(snap.dx(), snap.dy());
        Anchor anchor = keys.alt() ? Anchor.CENTRE : handle.opposite();
        Point fixed = box.at(anchor.across(), anchor.down());
        Point upright = Affine.rotate(-box.degrees(), fixed).apply(pointer);
        double reach = keys.alt() ? 2 : 1;
        double across = (handle.across() - 0.5) * 2;
        double down = (handle.down() - 0.5) * 2;
        double width = across == 0 ? box.width() : Math.max(SMALLEST, (upright.x() - fixed.x()) * across * reach);
        double height = down == 0 ? box.height() : Math.max(SMALLEST, (upright.y() - fixed.y()) * down * reach);
        boolean corner = across != 0 && down != 0;
        if (corner && ratioLocked != keys.shift() && box.width() > 0 && box.height() > 0) {
            double factor = Math.max(width / box.width(), height / box.height());
            width = box.width() * factor;
            height = box.height() * factor;
        }
        return new Size(box.width() == 0 ? 0 : width, box.height() == 0 ? 0 : height, anchor);
    }

    @Override
    public Affine preview(Point pointer, Keys keys) {
        Size size = size(pointer, keys);
        Point about = box.at(size.anchor.across(), size.anchor.down());
        Affine scale = Affine.scale(
                box.width() == 0 ? 1 : size.width / box.width(),
                box.height() == 0 ? 1 : size.height / box.height(),
                about);
        return Affine.rotate(box.degrees(), about).times(scale).times(Affine.rotate(-box.degrees(), about));
    }

    @Override
    public Optional<Operation> finish(Point pointer, Keys keys) {
        Size size = size(pointer, keys);
        return Optional.of(new Resize(
                ids,
                OptionalDouble.of(size.width),
                OptionalDouble.of(size.height),
                false,
                size.anchor,
                Resize.Frame.OWN));
    }
}
