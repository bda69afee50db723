package rondel.desktop.lines;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Spinner;
import rondel.desktop.desk.Desk;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.look.ChoiceNames;
import rondel.job.ElementId;
import rondel.job.PictureElement;
import rondel.job.TraceSettings;
import rondel.lines.trace.Trace;
import rondel.operation.Operation;
import rondel.words.Words;

/** The figures of a trace. */
final class TraceSection extends ToolSection {

    private static final TraceSettings USUAL = TraceSettings.USUAL;
    private static final int MOST_SPECKLE = 400;

    private final Desk desk;
    private final Spinner<Integer> colours = new Spinner<>(1, Trace.MOST_COLOURS, USUAL.colours());
    private final FigureSlider threshold =
            new FigureSlider("trace-threshold", FigureSlider.Of.SHARE, 0, 1, USUAL.threshold());
    private final FigureSlider speckle =
            new FigureSlider("trace-speckle", FigureSlider.Of.WHOLE_PIXELS, 0, MOST_SPECKLE, USUAL.speckle());
    private final FigureSlider corner =
            new FigureSlider("trace-corner", FigureSlider.Of.DEGREES, 15, 120, USUAL.corner());
    private final FigureSlider smoothness =
            new FigureSlider("trace-smoothness", FigureSlider.Of.STRENGTH, 0.2, 4, USUAL.smoothness());
    private final ChoiceBox<TraceSettings.Layering> layering = new ChoiceBox<>();

    TraceSection(Desk desk, Preview preview, Consumer<Operation> make) {
        super(desk, "trace", preview, make);
        this.desk = desk;
        colours.setId("trace-colours");
        colours.setEditable(true);
        colours.getEditor().setPrefColumnCount(3);
        colours.valueProperty().addListener((o, before, now) -> changed());
        layering.setId("trace-layering");
        layering.getItems().setAll(TraceSettings.Layering.values());
        layering.setConverter(new ChoiceNames<>(l -> Words.of("trace." + l)));
        layering.setValue(USUAL.layering());
        layering.setOnAction(e -> changed());
        layering.disableProperty().bind(colours.valueProperty().isEqualTo(1));
        threshold.disableProperty().bind(colours.valueProperty().isNotEqualTo(1));
        row("trace.colours", colours);
        row("trace.threshold", threshold);
        row("trace.layering", layering);
        row("trace.speckle", speckle);
        row("trace.corner", corner);
        row("trace.smoothness", smoothness);
    }

    @Override
    Optional<Operation> operation() {
        List<ElementId> pictures = desk.bench().selected().stream()
                .filter(l -> l.element() instanceof PictureElement)
                .map(l -> l.element().id())
                .toList();
        TraceSettings settings = new TraceSettings(
                colours.getValue(),
                threshold.value(),
                (int) speckle.value(),
                corner.value(),
                smoothness.value(),
                layering.getValue());
        return pictures.isEmpty() ? Optional.empty() : Optional.of(new Trace(pictures, settings));
    }
}
