package rondel.desktop.lines;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.LengthInput;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.look.ChoiceNames;
import rondel.job.HaloSettings;
import rondel.job.Link;
import rondel.job.Located;
import rondel.lines.halo.AdjustHalo;
import rondel.lines.halo.MakeHalo;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The figures of a halo. */
final class HaloSection extends ToolSection {

    private static final HaloSettings USUAL = HaloSettings.USUAL;
    private static final double USUAL_HOLE = 3;

    private final Desk desk;
    private final LengthInput distance = new LengthInput("halo-distance");
    private final LengthInput second = new LengthInput("halo-second");
    private final LengthInput bridge = new LengthInput("halo-bridge");
    private final LengthInput smooth = new LengthInput("halo-smooth");
    private final LengthInput holes = new LengthInput("halo-holes");
    private final LengthInput gap = new LengthInput("halo-gap");
    private final FigureSlider threshold =
            new FigureSlider("halo-threshold", FigureSlider.Of.SHARE, 0.02, 0.98, USUAL.threshold());
    private final CheckBox fillHoles = new CheckBox(Words.of("halo.fillHoles"));
    private final ChoiceBox<HaloSettings.Corners> corners = new ChoiceBox<>();
    private final ChoiceBox<MakeHalo.Spread> spread = new ChoiceBox<>();
    private Optional<Link.Around> figures = Optional.empty();
    private LengthUnit shownUnit;

    HaloSection(Desk desk, Preview preview, Consumer<Operation> make) {
        super(desk, "halo", preview, make);
        this.desk = desk;
        corners.setId("halo-corners");
        corners.getItems().setAll(HaloSettings.Corners.values());
        corners.setConverter(new ChoiceNames<>(c -> Words.of("halo." + c)));
        corners.setValue(USUAL.corners());
        spread.setId("halo-spread");
        spread.getItems().setAll(MakeHalo.Spread.values());
        spread.setConverter(new ChoiceNames<>(s -> Words.of("halo." + s)));
        spread.setValue(MakeHalo.Spread.EACH);
        fillHoles.setId("halo-fill-holes");
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
        row(fillHoles);
        for (LengthInput field : List.of(distance, second, bridge, smooth, holes, gap)) {
            field.setPrefColumnCount(7);
            field.textProperty().addListener((o, before, now) -> changed());
        }
        corners.setOnAction(e -> changed());
        spread.setOnAction(e -> changed());
        fillHoles.setOnAction(e -> changed());
        desk.bench().onChange(this::follow);
        follow();
    }

    /** Shows what the selected halo says, and the figures in the job's unit, when either has changed. */
    private void follow() {
        LengthUnit unit = desk.bench().job().unit();
        Optional<Link.Around> now = AdjustHalo.figures(
                desk.bench().selected().stream().map(Located::element).toList());
        boolean other = now.isPresent() && !now.equals(figures);
        if (other || unit != shownUnit) {
            show(now.map(Link.Around::settings).orElse(USUAL), unit);
            gap.show(now.map(l -> l.gap().orElse(0)).orElse(MakeHalo.USUAL_GAP), unit);
        }
        goes(now.isPresent() ? "halo.adjust" : "halo.make");
        second.setDisable(now.isPresent());
        spread.setDisable(now.isPresent());
        figures = now;
        shownUnit = unit;
    }

    private void show(HaloSettings settings, LengthUnit unit) {
        boolean every = settings.smallestHole() >= HaloSettings.ALL_HOLES;
        distance.show(settings.distance(), unit);
        second.show(0, unit);
        bridge.show(settings.bridge(), unit);
        smooth.show(settings.smooth(), unit);
        holes.show(every ? USUAL_HOLE : settings.smallestHole(), unit);
        fillHoles.setSelected(every);
        corners.setValue(settings.corners());
        threshold.setValue(settings.threshold());
    }

    @Override
    Optional<Operation> operation() {
        if (desk.bench().selection().isEmpty()) {
            return Optional.empty();
        }
        LengthUnit unit = desk.bench().job().unit();
        HaloSettings settings = new HaloSettings(
                distance.mm(unit),
                corners.getValue(),
                bridge.mm(unit),
                fillHoles.isSelected() ? HaloSettings.ALL_HOLES : holes.mm(unit),
                smooth.mm(unit),
                threshold.value());
        OptionalDouble outer = unlessNone(second.mm(unit));
        OptionalDouble apart = unlessNone(gap.mm(unit));
        if (figures.isPresent()) {
            return Optional.of(new AdjustHalo(desk.bench().selectedIds(), settings, apart));
        }
        return Optional.of(new MakeHalo(desk.bench().selectedIds(), settings, outer, spread.getValue(), apart));
    }

    private static OptionalDouble unlessNone(double mm) {
        return mm == 0 ? OptionalDouble.empty() : OptionalDouble.of(mm);
    }
}
