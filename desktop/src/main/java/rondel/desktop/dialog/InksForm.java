package rondel.desktop.dialog;

import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Insets;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.desktop.field.LabelledRow;
import rondel.desktop.look.Hint;
import rondel.job.PrintInks;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** With which inks a print shop prints: four or as on the screen, white under them, and colours that are inks of their own. */
public final class InksForm extends VBox {

    private static final double INDENT = 22;
    private static final int WIDE = 22;

    private final CheckBox converted = new CheckBox(Words.of("inks.converted"));
    private final CheckBox white = new CheckBox(Words.of("inks.white"));
    private final TextField name = new TextField(Words.of("inks.whiteName"));
    private final FigureField choke = new FigureField("inks-choke", Figure.distance(() -> LengthUnit.MM));
    private final TextField spots = new TextField();

    public InksForm(PrintInks now) {
        super(6);
        setPadding(new Insets(0, 0, 0, INDENT));
        converted.setId("inks-converted");
        converted.setSelected(now.converted());
        Hint.on(converted, Words.of("inks.convertedWhy"));
        white.setId("inks-white");
        white.setSelected(now.white().isPresent());
        Hint.on(white, Words.of("inks.whiteWhy"));
        name.setId("inks-white-name");
        now.white().ifPresent(name::setText);
        choke.show(now.choke());
        spots.setId("inks-spots");
        spots.setPromptText(Words.of("inks.spotsPrompt"));
        spots.setPrefColumnCount(WIDE);
        spots.setText(
                now.spots().stream().map(s -> s.colour().hex() + "=" + s.name()).collect(Collectors.joining(", ")));
        HBox how = new HBox(8, LabelledRow.of("inks.whiteCalled", name), LabelledRow.of("inks.chokeLabel", choke));
        how.visibleProperty().bind(white.selectedProperty());
        how.managedProperty().bind(white.selectedProperty());
        getChildren().addAll(converted, white, how, LabelledRow.of("inks.spots", spots));
    }

    /** @throws rondel.words.Refusal if an ink has no name, or a figure is none */
    public PrintInks inks() {
        return new PrintInks(
                converted.isSelected(),
                white.isSelected() ? Optional.of(name.getText()) : Optional.empty(),
                white.isSelected() ? choke.value() : PrintInks.USUAL_CHOKE,
                PrintInks.spots(spots.getText()));
    }
}
