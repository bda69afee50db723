package rondel.desktop.lines;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Spinner;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.LengthInput;
import rondel.desktop.lines.making.FillingRun;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.lines.making.Proposal;
import rondel.job.FillingSettings;
import rondel.job.Link;
import rondel.lines.filling.FillOutline;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The figures of a filling. */
final class FillingSection extends ToolSection {

    private static final FillingSettings USUAL = FillingSettings.USUAL;
    private static final int MOST_VARIANTS = 9999;
    private static final double FULL = 100;

    private final Desk desk;
    private final LengthInput from = new LengthInput("filling-from");
    private final LengthInput to = new LengthInput("filling-to");
    private final LengthInput gap = new LengthInput("filling-gap");
    private final Spinner<Integer> turning = spinner("filling-turning", 0, 180, (int) USUAL.turning());
    private final Spinner<Integer> count = spinner("filling-count", 0, FillOutline.MOST_COPIES, 0);
    private final FigureSlider density = new FigureSlider("filling-density", FigureSlider.Of.PERCENT, 10, FULL, FULL);
    private final Spinner<Integer> seed = spinner("filling-seed", 1, MOST_VARIANTS, 1);
    private final CheckBox mirrored = new CheckBox(Words.of("filling.mirrored"));
    private Optional<FillingSettings> figures = Optional.empty();
    private LengthUnit shownUnit;

    FillingSection(Desk desk, Preview preview, FillingRun run) {
        super(desk, "filling", preview, o -> run.start((FillOutline) o));
        this.desk = desk;
        mirrored.setId("filling-mirrored");
        mirrored.setSelected(USUAL.mirrored());
        row("filling.from", from);
        row("filling.to", to);
        row("filling.gap", gap);
        row("filling.turning", turning);
        row("filling.count", count);
        row("filling.density", density);
        row("filling.seed", seed);
        row(mirrored);
        for (LengthInput field : List.of(from, to, gap)) {
            field.setPrefColumnCount(7);
            field.textProperty().addListener((o, before, now) -> changed());
        }
        for (Spinner<Integer> spinner : List.of(turning, count, seed)) {
            spinner.valueProperty().addListener((o, before, now) -> changed());
        }
        mirrored.setOnAction(e -> changed());
        desk.bench().onChange(this::follow);
        follow();
    }

    private static Spinner<Integer> spinner(String id, int least, int most, int value) {
        Spinner<Integer> spinner = new Spinner<>(least, most, value);
        spinner.setId(id);
        spinner.setEditable(true);
        spinner.getEditor().setPrefColumnCount(4);
        return spinner;
    }

    /** Shows what the selected filling says, and the figures in the job's unit, when either has changed. */
    private void follow() {
        LengthUnit unit = desk.bench().job().unit();
        Optional<FillingSettings> now = desk.onlySelected()
                .flatMap(e -> e.traits().link())
                .filter(Link.Filling.class::isInstance)
                .map(l -> ((Link.Filling) l).settings());
        boolean other = now.isPresent() && !now.equals(figures);
        if (other || unit != shownUnit) {
            show(now.orElse(USUAL), unit);
        }
        figures = now;
        shownUnit = unit;
    }

    private void show(FillingSettings settings, LengthUnit unit) {
        from.show(settings.from(), unit);
        to.show(settings.to(), unit);
        gap.show(settings.gap(), unit);
        turning.getValueFactory().setValue((int) Math.round(settings.turning()));
        count.getValueFactory().setValue(settings.count().orElse(0));
        density.setValue(FULL * settings.density().orElse(1));
        seed.getValueFactory().setValue(Math.clamp(settings.seed(), 1, MOST_VARIANTS));
        mirrored.setSelected(settings.mirrored());
    }

    @Override
    Optional<Operation> operation() {
        return filling(USUAL.rounds());
    }

    /** As it begins, before it gets fuller. */
    @Override
    Optional<Proposal> proposal() {
        return filling(0).map(Proposal::of);
    }

    private Optional<Operation> filling(int rounds) {
        LengthUnit unit = desk.bench().job().unit();
        FillingSettings settings = new FillingSettings(
                from.mm(unit),
                to.mm(unit),
                count.getValue() == 0 ? OptionalInt.empty() : OptionalInt.of(count.getValue()),
                density.isAtMost() ? OptionalDouble.empty() : OptionalDouble.of(density.value() / FULL),
                turning.getValue(),
                gap.mm(unit),
                mirrored.isSelected(),
                seed.getValue(),
                rounds);
        return FillOutline.ofSelection(desk.bench().job(), desk.bench().selectedIds(), settings)
                .map(Operation.class::cast);
    }
}
