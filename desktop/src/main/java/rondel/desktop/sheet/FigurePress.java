package rondel.desktop.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.compose.shape.ChangeShape;
import rondel.compose.shape.ShapeFigures;
import rondel.compose.shape.ShapeHandle;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.ShapeFigureWords;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.PlainShape;
import rondel.units.LengthUnit;

/** Drags the handle of a figure of a plain shape; lengths go by the unit's small steps, with Control freely. */
final class FigurePress implements Press {

    private final SheetView view;
    private final Desk desk;
    private final FigureLayer.Shown shown;
    private final ShapeHandle handle;
    private final SheetSnap snap;

    FigurePress(SheetView view, Desk desk, FigureLayer.Shown shown, ShapeHandle handle) {
        this.view = view;
        this.desk = desk;
        this.shown = shown;
        this.handle = handle;
        this.snap = SheetSnap.of(view, desk.bench(), Set.of(shown.shape().id()));
    }

    private Optional<PlainShape> changed(Pointer at) {
        PlainShape before = shown.shape().plain().orElseThrow();
        Optional<Affine> back = shown.toSheet().inverse();
        if (!at.hasMoved() || back.isEmpty()) {
            return Optional.empty();
        }
        boolean end = before instanceof LineShape;
        Point sheet = end ? snap.at(at.sheet(), at.keys()) : at.sheet();
        PlainShape moved = handle.moved().apply(back.get().apply(sheet));
        boolean free = end || at.keys().control();
        return Optional.of(
                free
                        ? moved
                        : ShapeFigures.rounded(
                                before, moved, desk.bench().job().unit().fineNudge()));
    }

    @Override
    public void dragged(Pointer at) {
        changed(at).ifPresent(shape -> {
            view.drawing().show(shape.outline(), shown.toScreen());
            view.drawing().say(said(shape), at.now());
        });
    }

    /** The figures that differ, in words. */
    private String said(PlainShape shape) {
        LengthUnit unit = desk.bench().job().unit();
        return ShapeFigures.changed(shown.shape().plain().orElseThrow(), shape).stream()
                .limit(2)
                .map(f -> ShapeFigureWords.said(f, unit))
                .collect(Collectors.joining(", "));
    }

    @Override
    public void released(Pointer at) {
        Optional<PlainShape> shape = changed(at);
        callOff();
        shape.ifPresent(s -> desk.perform(new ChangeShape(List.of(shown.shape().id()), s)));
    }

    @Override
    public boolean callOff() {
        view.drawing().clear();
        view.showSnap(List.of());
        return true;
    }
}
