package rondel.desktop.lines;

import java.math.BigDecimal;
import java.math.RoundingMode;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import rondel.words.Decimals;
import rondel.words.Words;

/** A slider with the figure that it stands at. What is chosen with it is what is shown, to the last digit; what it is set to
 *  by what it shows stays exact until somebody moves it. */
final class FigureSlider extends HBox {

    /** What a figure counts. */
    enum Of {
        SHARE(2, 100),
        PERCENT(0, 1),
        DEGREES(0, 1),
        PIXELS(1, 1),
        WHOLE_PIXELS(0, 1),
        DISTANCE(3, 1),
        STRENGTH(1, 1);

        /** How many digits after the point are meant. */
        private final int digits;

        /** By what the figure is multiplied where it is shown. */
        private final int shown;

        Of(int digits, int shown) {
            this.digits = digits;
            this.shown = shown;
        }
    }

    private final Slider slider;
    private final Of of;
    private final Label figure = new Label();
    private double set;

    FigureSlider(String id, Of of, double least, double most, double value) {
        super(6);
        this.of = of;
        this.slider = new Slider(least, most, value);
        this.set = value;
        slider.setId(id);
        slider.setPrefWidth(64);
        slider.setMinWidth(0);
        slider.setBlockIncrement(StrictMath.pow(10, -of.digits));
        HBox.setHgrow(slider, Priority.ALWAYS);
        figure.setId(id + "-figure");
        figure.setLabelFor(slider);
        figure.setMinWidth(USE_PREF_SIZE);
        figure.setPrefWidth(42);
        figure.setAlignment(Pos.CENTER_RIGHT);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(slider, figure);
        slider.valueProperty().addListener((o, before, now) -> show());
        accessibleTextProperty().addListener((o, before, now) -> slider.setAccessibleText(now));
        show();
    }

    private void show() {
        BigDecimal shown = rounded().multiply(BigDecimal.valueOf(of.shown)).stripTrailingZeros();
        figure.setText(Words.of("figure." + of, Decimals.plain(shown.doubleValue(), 4)));
    }

    private BigDecimal rounded() {
        return BigDecimal.valueOf(slider.getValue()).setScale(of.digits, RoundingMode.HALF_UP);
    }

    double value() {
        return slider.getValue() == set ? set : rounded().doubleValue();
    }

    void setValue(double value) {
        set = value;
        slider.setValue(value);
    }

    boolean isAtMost() {
        return value() >= slider.getMax();
    }

    /** Tells whenever the figure, as it is shown, is another. */
    void onChange(Runnable listener) {
        figure.textProperty().addListener((o, before, now) -> listener.run());
    }
}
