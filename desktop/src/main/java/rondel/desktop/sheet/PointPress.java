package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import rondel.compose.outline.OutlinePoints;
import rondel.compose.outline.OutlinePoints.Handle;
import rondel.compose.outline.OutlinePoints.OutlinePoint;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.desk.Desk;
import rondel.geometry.Outline;
import rondel.geometry.Point;
import rondel.operation.Operation;
import rondel.units.LengthFormat;
import rondel.units.LengthUnit;

/** Drags a point of an opened outline, or a handle of the picked one. */
final class PointPress implements Press {

    private static final double REACH = 7;

    private final SheetView view;
    private final Desk desk;
    private final Function<Point, Operation> edit;
    private final SheetSnap snap;
    private final Function<Point, Outline> shown;

    /** @param shown the outline on the sheet while it is dragged to a place
     *  @param edit what makes it so */
    private PointPress(
            SheetView view,
            Desk desk,
            OutlinePoints points,
            Function<Point, Outline> shown,
            Function<Point, Operation> edit) {
        this.view = view;
        this.desk = desk;
        this.edit = edit;
        this.shown = shown;
        this.snap = SheetSnap.of(view, desk.bench(), Set.of(points.element()));
    }

    /** A press on an opened outline: on a handle, on a point, or on the line itself, which begins nothing. A press beside it all
     *  closes it.
     *
     * @param screen where, in px of the view */
    static Optional<Press> on(SheetView view, Desk desk, PointChoice choice, Point screen) {
        OutlinePoints points = choice.points().orElseThrow();
        Function<Point, Double> away = p -> view.viewport().toScreen(p).distanceTo(screen);
        Optional<OutlinePoint> picked = choice.picked();
        Optional<Handle> handle = picked.stream()
                .flatMap(p -> Stream.of(p.in(), p.out()).flatMap(Optional::stream))
                .filter(h -> away.apply(h.at()) <= REACH)
                .findFirst();
        Optional<OutlinePoint> point =
                points.all().stream().filter(p -> away.apply(p.at()) <= REACH).findFirst();
        if (point.isPresent()
                && !(handle.isPresent() && picked.filter(point.get()::isAlso).isPresent())) {
            choice.pick(point.get());
            return Optional.of(new PointPress(
                    view, desk, points, to -> points.with(point.get(), to), to -> choice.moved(point.get(), to)));
        }
        if (handle.isPresent()) {
            return Optional.of(new PointPress(
                    view,
                    desk,
                    points,
                    to -> points.with(picked.get().contour(), handle.get(), to),
                    to -> choice.moved(picked.get().contour(), handle.get(), to)));
        }
        if (place(view, points, screen).isPresent()) {
            return Optional.of(NOTHING);
        }
        choice.close();
        return Optional.empty();
    }

    /** Adds a point where the outline runs beneath a place of the screen. */
    static void addPoint(SheetView view, PointChoice choice, Point screen) {
        choice.points().flatMap(points -> place(view, points, screen)).ifPresent(choice::add);
    }

    /** The place of the outline beneath one of the screen. */
    private static Optional<OutlinePoints.Place> place(SheetView view, OutlinePoints points, Point screen) {
        return points.nearest(view.viewport().toSheet(screen.x(), screen.y()))
                .filter(p -> p.distance() * view.viewport().scale() <= REACH);
    }

    private static final Press NOTHING = new Press() {
        @Override
        public void dragged(Pointer at) {}

        @Override
        public void released(Pointer at) {}
    };

    @Override
    public void dragged(Pointer at) {
        if (!at.hasMoved()) {
            return;
        }
        Point to = snap.at(at.sheet(), at.keys());
        view.drawing().show(shown.apply(to), view.viewport().toScreen());
        LengthUnit unit = desk.bench().job().unit();
        view.drawing().say(LengthFormat.withUnit(to.x(), unit) + ", " + LengthFormat.withUnit(to.y(), unit), at.now());
    }

    @Override
    public void released(Pointer at) {
        callOff();
        if (at.hasMoved()) {
            desk.perform(edit.apply(snap.at(at.sheet(), at.keys())));
            view.showSnap(List.of());
        }
    }

    @Override
    public boolean callOff() {
        view.drawing().clear();
        view.showSnap(List.of());
        return true;
    }
}
