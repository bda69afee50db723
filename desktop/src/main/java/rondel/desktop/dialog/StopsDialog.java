package rondel.desktop.dialog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;
import javafx.stage.Window;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.FxColours;
import rondel.job.Paint;
import rondel.words.Words;

/** Shows a gradient from end to end with its stops: their colours and places are changed, stops are added and taken away. */
public final class StopsDialog {

    private final VBox rows = new VBox(6);
    private final Region strip = new Region();

    public StopsDialog(List<Paint.Stop> stops) {
        strip.setId("stops-strip");
        strip.setPrefSize(360, 28);
        stops.forEach(s -> rows.getChildren().add(new Row(s)));
        refresh();
    }

    /** One stop. */
    private final class Row extends HBox {
        private final ColorPicker colour = new ColorPicker();
        private final Slider place = new Slider(0, 100, 0);

        Row(Paint.Stop stop) {
            super(8);
            setAlignment(Pos.CENTER_LEFT);
            colour.setValue(FxColours.of(stop.colour()));
            colour.setAccessibleText(Words.of("stops.colour"));
            colour.setOnAction(e -> refresh());
            place.setValue(stop.offset() * 100);
            place.setAccessibleText(Words.of("stops.place"));
            place.setBlockIncrement(1);
            place.valueProperty().addListener((o, before, now) -> refresh());
            Button remove = new Button(Words.of("stops.remove"));
            remove.getStyleClass().add("small");
            remove.setOnAction(e -> {
                if (rows.getChildren().size() > 2) {
                    rows.getChildren().remove(this);
                    refresh();
                }
            });
            getChildren().addAll(colour, place, remove);
        }

        Paint.Stop stop() {
            return new Paint.Stop(place.getValue() / 100, FxColours.rgba(colour.getValue()));
        }
    }

    private List<Paint.Stop> stops() {
        return rows.getChildren().stream()
                .map(Row.class::cast)
                .map(Row::stop)
                .sorted(Comparator.comparingDouble(Paint.Stop::offset))
                .toList();
    }

    /** A stop in the widest gap, in the colour that is there. */
    private void add() {
        List<Paint.Stop> stops = new ArrayList<>(stops());
        int widest = 0;
        for (int i = 1; i < stops.size() - 1; i++) {
            if (width(stops, i) > width(stops, widest)) {
                widest = i;
            }
        }
        Paint.Stop left = stops.get(widest);
        Paint.Stop right = stops.get(widest + 1);
        var between = FxColours.of(left.colour()).interpolate(FxColours.of(right.colour()), 0.5);
        rows.getChildren().add(new Row(new Paint.Stop((left.offset() + right.offset()) / 2, FxColours.rgba(between))));
        refresh();
        rows.getScene().getWindow().sizeToScene();
    }

    private static double width(List<Paint.Stop> stops, int i) {
        return stops.get(i + 1).offset() - stops.get(i).offset();
    }

    private void refresh() {
        List<Stop> shown = stops().stream()
                .map(s -> new Stop(s.offset(), FxColours.of(s.colour())))
                .toList();
        strip.setBackground(
                javafx.scene.layout.Background.fill(new LinearGradient(0, 0, 1, 0, true, CycleMethod.NO_CYCLE, shown)));
    }

    public Optional<List<Paint.Stop>> ask(Window owner) {
        Button add = new Button(Words.of("stops.add"));
        add.setId("stops-add");
        add.getStyleClass().add("small");
        add.setOnAction(e -> add());
        return new FormDialog(GuidePage.COMPOSE)
                .row("stops.gradient", strip)
                .row("stops.stops", rows)
                .row(add)
                .ask(owner, Words.of("stops.heading"), Words.of("stops.go"), this::stops);
    }
}
