package rondel.desktop.lines;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import rondel.desktop.app.Desk;
import rondel.desktop.dialog.LengthInput;
import rondel.desktop.look.Shown;
import rondel.halo.MakeHalo;
import rondel.job.HaloShape;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The figures of a halo, with a preview on the sheet while they are chosen. */
final class HaloSection extends VBox {

    private static final HaloShape USUAL = HaloShape.USUAL;

    private final Desk desk;
    private final Preview preview;
    private final LengthInput distance = new LengthInput("halo-distance");
    private final LengthInput second = new LengthInput("halo-second");
    private final LengthInput bridge = new LengthInput("halo-bridge");
    private final LengthInput smooth = new LengthInput("halo-smooth");
    private final LengthInput holes = new LengthInput("halo-holes");
    private final CheckBox fillHoles = new CheckBox(Words.of("halo.fillHoles"));
    private final CheckBox see = new CheckBox(Words.of("lines.preview"));
    private final ChoiceBox<HaloShape.Corners> corners = new ChoiceBox<>();
    private final ChoiceBox<MakeHalo.Spread> spread = new ChoiceBox<>();
    private LengthUnit shownUnit;

    /** @param make makes an edit in the background */
    HaloSection(Desk desk, Preview preview, Consumer<Operation> make) {
        super(6);
        this.desk = desk;
        this.preview = preview;
        corners.setId("halo-corners");
        corners.getItems().setAll(HaloShape.Corners.values());
        corners.setConverter(new Shown<>(c -> Words.of("halo." + c)));
        corners.setValue(USUAL.corners());
        spread.setId("halo-spread");
        spread.getItems().setAll(MakeHalo.Spread.values());
        spread.setConverter(new Shown<>(s -> Words.of("halo." + s)));
        spread.setValue(MakeHalo.Spread.EACH);
        fillHoles.setId("halo-fill-holes");
        fillHoles.setSelected(true);
        holes.disableProperty().bind(fillHoles.selectedProperty());
        see.setId("halo-preview");
        Button go = new Button(Words.of("halo.make"));
        go.setId("halo-make");
        go.getStyleClass().add("accent");
        go.setOnAction(e -> make(make));
        GridPane grid = new GridPane(8, 6);
        row(grid, 0, "halo.distance", distance);
        row(grid, 1, "halo.second", second);
        row(grid, 2, "halo.corners", corners);
        row(grid, 3, "halo.bridge", bridge);
        row(grid, 4, "halo.smooth", smooth);
        row(grid, 5, "halo.holes", holes);
        row(grid, 6, "halo.spread", spread);
        HBox foot = new HBox(10, go, see);
        foot.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        getChildren().addAll(grid, fillHoles, foot);
        see.setOnAction(e -> changed());
        for (LengthInput field : new LengthInput[] {distance, second, bridge, smooth, holes}) {
            field.setPrefColumnCount(7);
            field.textProperty().addListener((o, before, now) -> changed());
        }
        corners.setOnAction(e -> changed());
        spread.setOnAction(e -> changed());
        fillHoles.setOnAction(e -> changed());
        desk.bench().onChange(this::units);
        units();
    }

    private static void row(GridPane grid, int row, String key, Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        label.setMinWidth(USE_PREF_SIZE);
        field.setAccessibleText(Words.of(key));
        grid.addRow(row, label, field);
    }

    /** Shows the figures in the job's unit, when that has changed. */
    private void units() {
        LengthUnit unit = desk.bench().job().unit();
        if (unit == shownUnit) {
            return;
        }
        shownUnit = unit;
        distance.show(USUAL.distance(), unit);
        second.show(0, unit);
        bridge.show(USUAL.bridge(), unit);
        smooth.show(USUAL.smooth(), unit);
        holes.show(3, unit);
    }

    private void changed() {
        if (see.isSelected()) {
            preview.propose(this::operation);
        } else {
            preview.end();
        }
    }

    /** @throws Refusal where something that is typed is no length */
    private Optional<Operation> operation() {
        if (desk.bench().selection().isEmpty()) {
            return Optional.empty();
        }
        LengthUnit unit = desk.bench().job().unit();
        HaloShape shape = new HaloShape(
                distance.mm(unit),
                corners.getValue(),
                bridge.mm(unit),
                fillHoles.isSelected() ? HaloShape.ALL_HOLES : holes.mm(unit),
                smooth.mm(unit),
                USUAL.threshold());
        double further = second.mm(unit);
        OptionalDouble outer = further == 0 ? OptionalDouble.empty() : OptionalDouble.of(further);
        return Optional.of(new MakeHalo(desk.bench().selectedIds(), shape, outer, spread.getValue()));
    }

    private void make(Consumer<Operation> make) {
        try {
            Optional<Operation> operation = operation();
            if (operation.isEmpty()) {
                desk.notices().refuse(Words.of("lines.selectFirst"));
                return;
            }
            see.setSelected(false);
            preview.end();
            make.accept(operation.get());
        } catch (Refusal e) {
            desk.notices().refuse(e.getMessage());
        }
    }
}
