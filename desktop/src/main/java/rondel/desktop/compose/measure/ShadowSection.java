package rondel.desktop.compose.measure;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import rondel.compose.shadow.SetShadow;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.look.FxColours;
import rondel.job.Located;
import rondel.job.Shadow;
import rondel.words.Words;

/** The soft shadow of what is selected: on or off, how far, which way, how soft, in which colour and strength. */
final class ShadowSection extends VBox {

    private final Desk desk;
    private final CheckBox on = new CheckBox(Words.of("shadow.on"));
    private final GridPane fields = new GridPane(6, 6);
    private final FigureField distance;
    private final FigureField softness;
    private final FigureField angle;
    private final ColorPicker colour = new ColorPicker();
    private boolean showing;

    ShadowSection(Desk desk) {
        super(6);
        this.desk = desk;
        distance = length("shadow.distance", mm -> s -> new Shadow(mm, s.angle(), s.softness(), s.colour()));
        softness = length("shadow.softness", mm -> s -> new Shadow(s.distance(), s.angle(), mm, s.colour()));
        on.setId("shadow-on");
        on.setOnAction(e -> {
            if (!showing) {
                desk.perform(new SetShadow(
                        desk.bench().selectedIds(), on.isSelected() ? Optional.of(Shadow.USUAL) : Optional.empty()));
            }
        });
        angle = new FigureField(
                "shadow-angle",
                Words.of("shadow.angle"),
                Figure.angle(),
                degrees -> change(s -> new Shadow(s.distance(), degrees, s.softness(), s.colour())));
        angle.getStyleClass().add("gap-field");
        colour.setId("shadow-colour");
        colour.setAccessibleText(Words.of("shadow.colour"));
        colour.setOnAction(e -> {
            if (!showing) {
                change(s -> new Shadow(s.distance(), s.angle(), s.softness(), FxColours.rgba(colour.getValue())));
            }
        });
        fields.getStyleClass().add("gap-fields");
        fields.addRow(0, label("shadow.far", distance), distance, label("shadow.way", angle), angle);
        fields.addRow(1, label("shadow.soft", softness), softness, label("shadow.ink", colour), colour);
        getChildren().addAll(on, fields);
        RovingFocus.overFields(this);
    }

    private FigureField length(String key, java.util.function.DoubleFunction<UnaryOperator<Shadow>> change) {
        FigureField field = new FigureField(
                key.replace('.', '-'),
                Words.of(key),
                Figure.distance(() -> desk.bench().job().unit()),
                mm -> change(change.apply(mm)));
        field.getStyleClass().add("gap-field");
        return field;
    }

    private static Label label(String key, javafx.scene.Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        return label;
    }

    /** Changes one trait; what else the first of the shadows has, all get. */
    private void change(UnaryOperator<Shadow> change) {
        Shadow now = desk.bench().selected().stream()
                .flatMap(l -> l.element().traits().shadow().stream())
                .findFirst()
                .orElse(Shadow.USUAL);
        desk.perform(new SetShadow(desk.bench().selectedIds(), Optional.of(change.apply(now))));
    }

    void show(List<Located> selected) {
        showing = true;
        Set<Optional<Shadow>> shadows =
                selected.stream().map(l -> l.element().traits().shadow()).collect(Collectors.toSet());
        Optional<Shadow> same = shadows.size() == 1 ? shadows.iterator().next() : Optional.empty();
        on.setSelected(same.isPresent());
        on.setIndeterminate(shadows.size() > 1);
        fields.setVisible(same.isPresent());
        fields.setManaged(same.isPresent());
        distance.show(same.map(s -> OptionalDouble.of(s.distance())).orElse(OptionalDouble.empty()));
        softness.show(same.map(s -> OptionalDouble.of(s.softness())).orElse(OptionalDouble.empty()));
        angle.show(same.map(s -> OptionalDouble.of(s.angle())).orElse(OptionalDouble.empty()));
        same.ifPresent(s -> colour.setValue(FxColours.of(s.colour())));
        showing = false;
    }
}
