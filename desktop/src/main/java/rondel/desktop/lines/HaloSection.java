package rondel.desktop.lines;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Slider;
import rondel.desktop.app.Desk;
import rondel.desktop.dialog.LengthInput;
import rondel.desktop.look.Shown;
import rondel.halo.MakeHalo;
import rondel.job.HaloShape;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The figures of a halo. */
final class HaloSection extends ToolSection {

    private static final HaloShape USUAL = HaloShape.USUAL;
    private static final double USUAL_HOLE = 3;

    private final Desk desk;
    private final LengthInput distance = new LengthInput("halo-distance");
    private final LengthInput second = new LengthInput("halo-second");
    private final LengthInput bridge = new LengthInput("halo-bridge");
    private final LengthInput smooth = new LengthInput("halo-smooth");
    private final LengthInput holes = new LengthInput("halo-holes");
    private final LengthInput gap = new LengthInput("halo-gap");
    private final Slider threshold = new Slider(0.02, 0.98, USUAL.threshold());
    private final CheckBox fillHoles = new CheckBox(Words.of("halo.fillHoles"));
    private final ChoiceBox<HaloShape.Corners> corners = new ChoiceBox<>();
    private final ChoiceBox<MakeHalo.Spread> spread = new ChoiceBox<>();
    private LengthUnit shownUnit;

    HaloSection(Desk desk, Preview preview, Consumer<Operation> make) {
        super(desk, "halo", preview, make);
        this.desk = desk;
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
        row("halo.distance", distance);
        row("halo.second", second);
        row("halo.corners", corners);
        row("halo.bridge", bridge);
        row("halo.smooth", smooth);
        row("halo.holes", holes);
        row("halo.spread", spread);
        row("halo.gap", gap);
        row("halo.threshold", threshold);
        threshold.setId("halo-threshold");
        threshold.setPrefWidth(110);
        threshold.valueProperty().addListener((o, before, now) -> changed());
        row(fillHoles);
        for (LengthInput field : List.of(distance, second, bridge, smooth, holes, gap)) {
            field.setPrefColumnCount(7);
            field.textProperty().addListener((o, before, now) -> changed());
        }
        corners.setOnAction(e -> changed());
        spread.setOnAction(e -> changed());
        fillHoles.setOnAction(e -> changed());
        desk.bench().onChange(this::units);
        units();
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
        holes.show(USUAL_HOLE, unit);
        gap.show(MakeHalo.USUAL_GAP, unit);
    }

    @Override
    Optional<Operation> operation() {
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
                threshold.getValue());
        double further = second.mm(unit);
        OptionalDouble outer = further == 0 ? OptionalDouble.empty() : OptionalDouble.of(further);
        double clear = gap.mm(unit);
        OptionalDouble apart = clear == 0 ? OptionalDouble.empty() : OptionalDouble.of(clear);
        return Optional.of(new MakeHalo(desk.bench().selectedIds(), shape, outer, spread.getValue(), apart));
    }
}
