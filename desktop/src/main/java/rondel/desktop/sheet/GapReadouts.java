package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import rondel.compose.spacing.Gaps;
import rondel.compose.spacing.Neighbourhood;
import rondel.compose.spacing.SetEdgeGap;
import rondel.compose.spacing.SetGap;
import rondel.compose.spacing.Side;
import rondel.desktop.desk.Desk;
import rondel.desktop.look.Hint;
import rondel.desktop.model.Surroundings;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.Span;
import rondel.operation.Operation;
import rondel.units.LengthFormat;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The distances from the selection to its neighbours and to the sheet's edges, drawn where they are. A click on one makes
 *  it a field to type over: the selection moves to make it so or, with Shift+Enter, everything beyond it. */
final class GapReadouts extends Pane {

    /** One distance with its line: to the nearest neighbour, or to the edge of the sheet. */
    private static final class Readout {
        final Line line = new Line();
        final Label label = new Label();

        Readout() {
            Hint.on(label, label::getAccessibleText);
        }
    }

    /** What a number that is typed over a read-out does. */
    private interface Typed {
        Operation operation(double mm, boolean beyond);
    }

    private final Desk desk;
    private final Map<Side, Readout> near = new EnumMap<>(Side.class);
    private final Map<Side, Readout> far = new EnumMap<>(Side.class);
    private final TextField field = new TextField();
    private Optional<Typed> typed = Optional.empty();
    private String shown = "";

    GapReadouts(Desk desk) {
        this.desk = desk;
        setPickOnBounds(false);
        field.setId("gap-edit");
        field.getStyleClass().add("gap-edit");
        field.setManaged(false);
        field.setVisible(false);
        field.setPrefColumnCount(6);
        field.setAccessibleText(Words.of("measure.gaps"));
        List<Label> labels = new ArrayList<>();
        for (Side side : Side.values()) {
            near.put(side, readout(side, "gap-label", "gap-line", labels));
            far.put(side, readout(side, "edge-label", "edge-line", labels));
            near.get(side).label.setId("gap-at-" + side.name().toLowerCase(java.util.Locale.ROOT));
            far.get(side).label.setId("edge-at-" + side.name().toLowerCase(java.util.Locale.ROOT));
        }
        getChildren().addAll(labels);
        getChildren().add(field);
        field.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                commit(e.isShiftDown());
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
        field.focusedProperty().addListener((o, before, focused) -> {
            if (!focused) {
                field.setVisible(false);
            }
        });
    }

    private Readout readout(Side side, String labelStyle, String lineStyle, List<Label> labels) {
        Readout r = new Readout();
        r.line.getStyleClass().add(lineStyle);
        r.line.setMouseTransparent(true);
        r.label.getStyleClass().add(labelStyle);
        r.label.addEventHandler(MouseEvent.MOUSE_PRESSED, MouseEvent::consume);
        r.label.addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            boolean edge = labelStyle.equals("edge-label");
            edit(
                    r,
                    (mm, beyond) -> edge
                            ? new SetEdgeGap(desk.bench().selectedIds(), side, mm)
                            : new SetGap(desk.bench().selectedIds(), side, mm, beyond));
            e.consume();
        });
        getChildren().add(r.line);
        labels.add(r.label);
        return r;
    }

    /** @param around the selection among what is beside it; nothing while it is dragged */
    void show(Optional<Surroundings> around, Viewport viewport, LengthUnit unit) {
        Optional<Gaps> gaps = around.map(Surroundings::gaps);
        for (Side side : Side.values()) {
            Optional<Gaps.Gap> gap = gaps.map(g -> g.on(side)).filter(g -> g.distance() > 1e-9);
            place(near.get(side), gap, viewport, unit, 0.5, side);
            Optional<Gaps.Gap> edge = around.filter(
                            n -> gap.isEmpty() || !gap.get().toEdge())
                    .map(n -> toEdge(n.around(), side))
                    .filter(g -> g.distance() > 1e-9);
            place(far.get(side), edge, viewport, unit, 1, side);
        }
        if (around.isEmpty()) {
            field.setVisible(false);
        }
    }

    /** The stretch from the selection to the edge of the sheet, whatever lies between. */
    private static Gaps.Gap toEdge(Neighbourhood around, Side side) {
        Box box = around.box();
        Span own = side.axis().of(box);
        Span trim = side.axis().of(around.sheet().trim());
        double from = side.before() ? own.low() : own.high();
        double to = side.before() ? trim.low() : trim.high();
        double level = side.axis().other().of(box).centre();
        boolean across = side.axis() == rondel.geometry.Axis.HORIZONTAL;
        Point a = across ? new Point(from, level) : new Point(level, from);
        Point b = across ? new Point(to, level) : new Point(level, to);
        return new Gaps.Gap(side.before() ? from - to : to - from, a, b, true);
    }

    /** @param share where along the line the number stands: 0.5 in its middle, 1 at its far end */
    private static void place(
            Readout r, Optional<Gaps.Gap> gap, Viewport viewport, LengthUnit unit, double share, Side side) {
        r.line.setVisible(gap.isPresent() && share < 1);
        r.label.setVisible(gap.isPresent());
        if (gap.isEmpty()) {
            return;
        }
        Point a = viewport.toScreen(gap.get().from());
        Point b = viewport.toScreen(gap.get().to());
        r.line.setStartX(Math.rint(a.x()) + 0.5);
        r.line.setStartY(Math.rint(a.y()) + 0.5);
        r.line.setEndX(Math.rint(b.x()) + 0.5);
        r.line.setEndY(Math.rint(b.y()) + 0.5);
        String number = LengthFormat.number(gap.get().distance(), unit);
        if (!number.equals(r.label.getText())) {
            r.label.setText(number);
            r.label.setAccessibleText(Words.of("gap.edit", Words.of("gap." + side.name()), number));
            r.label.applyCss();
            r.label.autosize();
        }
        double x = a.x() + (b.x() - a.x()) * share;
        double y = a.y() + (b.y() - a.y()) * share;
        r.label.relocate(Math.rint(x - r.label.getWidth() / 2), Math.rint(y - r.label.getHeight() / 2));
    }

    private void edit(Readout r, Typed change) {
        typed = Optional.of(change);
        shown = r.label.getText();
        field.setText(shown);
        field.resizeRelocate(r.label.getLayoutX() - 14, r.label.getLayoutY() - 5, r.label.getWidth() + 34, 28);
        field.setVisible(true);
        field.toFront();
        field.requestFocus();
        field.selectAll();
    }

    private void commit(boolean beyond) {
        try {
            double mm = LengthParser.mm(field.getText(), desk.bench().job().unit());
            boolean same = field.getText().equals(shown);
            close();
            if (!same) {
                typed.ifPresent(t -> desk.perform(t.operation(mm, beyond)));
            }
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }

    private void close() {
        field.setVisible(false);
        getParent().requestFocus();
    }
}
