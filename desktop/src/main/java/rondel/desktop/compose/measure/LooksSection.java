package rondel.desktop.compose.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.paint.Color;
import rondel.compose.arrange.ChangeStroke;
import rondel.compose.arrange.SetFill;
import rondel.compose.arrange.SetOpacity;
import rondel.compose.arrange.SetRole;
import rondel.compose.arrange.SetStroke;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.look.FxColours;
import rondel.desktop.model.Measurements;
import rondel.job.ElementId;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.words.Words;

/** How the selection is made, and its fill and line. */
final class LooksSection extends GridPane {

    private final Desk desk;
    private final ChoiceBox<Role> role = new ChoiceBox<>();
    private final ColorPicker fill = new ColorPicker();
    private final ColorPicker line = new ColorPicker();
    private final FigureField lineWidth;
    private final FigureField opacity;
    private boolean showing;

    LooksSection(Desk desk) {
        super(8, 8);
        this.desk = desk;
        RovingFocus.overFields(this);
        lineWidth = new FigureField(
                "lineWidth",
                Words.of("measure.lineWidth"),
                Figure.size(() -> desk.bench().job().unit()),
                this::strokeWidth);
        opacity = new FigureField(
                "opacity",
                Words.of("measure.opacity"),
                Figure.number("%", 1, 10, 0, 100),
                percent -> edit(ids -> desk.perform(new SetOpacity(ids, percent / 100))));
        role.setId("role");
        role.getItems().setAll(Role.values());
        role.setConverter(new ChoiceNames<>(r -> Words.of("role." + r.name())));
        role.setAccessibleText(Words.of("measure.role"));
        role.setMaxWidth(Double.MAX_VALUE);
        role.setOnAction(e -> edit(ids -> {
            if (role.getValue() != null) {
                desk.perform(new SetRole(ids, role.getValue()));
            }
        }));
        fill.setId("fill");
        fill.setAccessibleRole(AccessibleRole.COMBO_BOX);
        fill.setAccessibleText(Words.of("measure.fill"));
        fill.setOnAction(
                e -> edit(ids -> desk.perform(new SetFill(ids, Paint.solid(FxColours.rgba(fill.getValue()))))));
        line.setId("line");
        line.setAccessibleRole(AccessibleRole.COMBO_BOX);
        line.setAccessibleText(Words.of("measure.line"));
        line.setOnAction(e -> edit(ids -> desk.perform(new ChangeStroke(
                ids, Optional.of(Paint.solid(FxColours.rgba(line.getValue()))), OptionalDouble.empty()))));
        Button noFill = small("noFill", () -> edit(ids -> desk.perform(new SetFill(ids, Paint.NONE))));
        Button noLine = small("noLine", () -> edit(ids -> desk.perform(new SetStroke(ids, Optional.empty()))));
        row(0, "measure.role", role);
        row(1, "measure.fill", new HBox(6, fill, noFill));
        row(2, "measure.line", new HBox(6, line, noLine));
        row(3, "measure.lineWidth", lineWidth);
        row(4, "measure.opacity", opacity);
    }

    private void row(int row, String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.setMinWidth(USE_PREF_SIZE);
        GridPane.setHgrow(field, Priority.ALWAYS);
        addRow(row, label, field);
    }

    private static Button small(String id, Runnable action) {
        Button button = new Button(Words.of("measure." + id));
        button.setId(id);
        button.getStyleClass().add("small");
        button.setOnAction(e -> action.run());
        return button;
    }

    void show(Measurements m) {
        showing = true;
        role.setValue(m.role().orElse(null));
        fill.setValue(m.fill().map(LooksSection::colour).orElse(Color.TRANSPARENT));
        line.setValue(m.stroke().map(s -> colour(s.paint())).orElse(Color.TRANSPARENT));
        lineWidth.show(m.strokeWidth());
        opacity.show(m.opacity().stream().map(LooksSection::percent).findFirst());
        showing = false;
    }

    private void edit(Consumer<List<ElementId>> action) {
        if (!showing && !desk.bench().selection().isEmpty()) {
            action.accept(desk.bench().selectedIds());
        }
    }

    private void strokeWidth(double mm) {
        edit(ids -> desk.perform(new ChangeStroke(ids, Optional.empty(), OptionalDouble.of(mm))));
    }

    private static double percent(double part) {
        return Math.rint(part * 1e6) / 1e4;
    }

    private static Color colour(Paint paint) {
        return paint instanceof Paint.Solid s ? FxColours.of(s.colour()) : Color.TRANSPARENT;
    }
}
