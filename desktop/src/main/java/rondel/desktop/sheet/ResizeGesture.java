package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.compose.arrange.Resize;
import rondel.compose.snap.Snap;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.operation.Operation;

/** Drags a handle of the selection's box: a corner sizes both sides, in ratio unless that is unlocked or Shift is held; a
 *  side's handle that side alone. With Alt, about the middle. */
record ResizeGesture(
        List<ElementId> ids, Extent.TurnedBox box, Anchor handle, boolean ratioLocked, Optional<Snapping> snapping)
        implements Gesture {

    private static final double SMALLEST = 0.01;

    private record Size(double width, double height, Anchor anchor) {}

    /** An upright side or corner snaps to what it is dragged near; Control keeps it from that. A corner that keeps its ratio
     *  snaps to the nearer of what is beside and what is above or below. */
    private Snap snap(Point pointer, Keys keys) {
        if (snapping.isEmpty() || keys.control() || box.degrees() != 0) {
            return Snap.NONE;
        }
        if (held(keys)) {
            return heldSnap(pointer, keys);
        }
        Snap all = snapping.get().at(pointer);
        List<Snap.Line> lines = all.lines().stream()
                .filter(l -> l.axis() == Axis.HORIZONTAL ? handle.across() != 0.5 : handle.down() != 0.5)
                .toList();
        return new Snap(handle.across() == 0.5 ? 0 : all.dx(), handle.down() == 0.5 ? 0 : all.dy(), lines);
    }

    private boolean held(Keys keys) {
        boolean corner = handle.across() != 0.5 && handle.down() != 0.5;
        return corner && ratioLocked != keys.shift() && box.width() > 0 && box.height() > 0;
    }

    /** Moves the corner along its diagonal until one of its sides stands where it snaps to. */
    private Snap heldSnap(Point pointer, Keys keys) {
        Size free = sized(pointer, keys);
        Point fixed = box.at(free.anchor.across(), free.anchor.down());
        double reach = keys.alt() ? 2 : 1;
        double across = (handle.across() - 0.5) * 2 / reach;
        double down = (handle.down() - 0.5) * 2 / reach;
        Point corner = fixed.plus(across * free.width, down * free.height);
        Snap all = snapping.orElseThrow().at(corner);
        boolean sideways = has(all, Axis.HORIZONTAL);
        boolean upright = has(all, Axis.VERTICAL);
        if (!sideways && !upright) {
            return Snap.NONE;
        }
        boolean toSide = sideways && (!upright || Math.abs(all.dx()) <= Math.abs(all.dy()));
        double factor = toSide
                ? (free.width + all.dx() / across) / box.width()
                : (free.height + all.dy() / down) / box.height();
        Point held = fixed.plus(across * box.width() * factor, down * box.height() * factor);
        Axis axis = toSide ? Axis.HORIZONTAL : Axis.VERTICAL;
        return new Snap(
                held.x() - pointer.x(),
                held.y() - pointer.y(),
                all.lines().stream().filter(l -> l.axis() == axis).toList());
    }

    private static boolean has(Snap snap, Axis axis) {
        return snap.lines().stream().anyMatch(l -> l.axis() == axis);
    }

    @Override
    public List<Snap.Line> lines(Point pointer, Keys keys) {
        return snap(pointer, keys).lines();
    }

    private Size size(Point where, Keys keys) {
        Snap snap = snap(where, keys);
        return sized(where.plus(snap.dx(), snap.dy()), keys);
    }

    private Size sized(Point pointer, Keys keys) {
        Anchor anchor = keys.alt() ? Anchor.CENTRE : handle.opposite();
        Point fixed = box.at(anchor.across(), anchor.down());
        Point upright = Affine.rotate(-box.degrees(), fixed).apply(pointer);
        double reach = keys.alt() ? 2 : 1;
        double across = (handle.across() - 0.5) * 2;
        double down = (handle.down() - 0.5) * 2;
        double width = across == 0 ? box.width() : Math.max(SMALLEST, (upright.x() - fixed.x()) * across * reach);
        double height = down == 0 ? box.height() : Math.max(SMALLEST, (upright.y() - fixed.y()) * down * reach);
        if (held(keys)) {
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
