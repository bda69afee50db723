package rondel.desktop.compose.measure;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.shape.Circle;
import rondel.cache.LastUsed;
import rondel.compose.arrange.SetFill;
import rondel.compose.arrange.SetStroke;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.PressKey;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.look.FxColours;
import rondel.desktop.look.Hint;
import rondel.desktop.model.Measurements;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Stroke;
import rondel.job.Swatch;
import rondel.words.Words;

/** The job's palette and the colours of the selection: a click fills, with Shift it colours the line. */
final class SwatchStrip extends FlowPane {

    private static final int MOST = 20;
    private static final double USUAL_LINE = 0.5;

    /** Buttons that are kept for when their colour is shown again. */
    private static final int KEPT = 5 * MOST;

    private final Desk desk;
    private final Map<Rgba, Button> buttons = new LastUsed<>(KEPT);
    private List<Rgba> shown = List.of();

    SwatchStrip(Desk desk) {
        super(4, 4);
        this.desk = desk;
        setId("swatches");
        RovingFocus.over(this);
    }

    /** @param inUse colours of the selection */
    void show(List<Rgba> inUse) {
        Set<Rgba> colours = new LinkedHashSet<>(
                desk.bench().job().palette().stream().map(Swatch::colour).toList());
        colours.addAll(inUse);
        List<Rgba> next = colours.stream().limit(MOST).toList();
        if (!next.equals(shown)) {
            shown = next;
            getChildren()
                    .setAll(next.stream()
                            .map(c -> buttons.computeIfAbsent(c, this::swatch))
                            .toList());
        }
    }

    private Button swatch(Rgba colour) {
        String name = String.format(Locale.ROOT, "#%02x%02x%02x", colour.red(), colour.green(), colour.blue());
        Circle dot = new Circle(7, FxColours.of(colour));
        dot.getStyleClass().add("swatch-dot");
        Button button = new Button();
        button.setGraphic(dot);
        button.setId("swatch-" + name.substring(1));
        button.getStyleClass().addAll("small", "swatch");
        button.setAccessibleText(Words.of("swatch.accessible", name));
        Hint.on(button, Words.of("swatch.accessible", name));
        button.setOnMouseClicked(e -> paint(colour, e.isShiftDown()));
        button.setOnKeyPressed(e -> {
            if (PressKey.is(e)) {
                paint(colour, e.isShiftDown());
                e.consume();
            }
        });
        return button;
    }

    private void paint(Rgba colour, boolean line) {
        if (desk.bench().selection().isEmpty()) {
            return;
        }
        if (!line) {
            desk.perform(new SetFill(desk.bench().selectedIds(), Paint.solid(colour)));
            return;
        }
        Measurements now = desk.selection().facts().measured();
        Stroke stroke = Stroke.plain(colour, now.strokeWidth().orElse(USUAL_LINE));
        desk.perform(new SetStroke(desk.bench().selectedIds(), Optional.of(stroke)));
    }
}
