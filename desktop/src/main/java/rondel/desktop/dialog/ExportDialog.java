package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Window;
import rondel.desktop.export.ExportChoice;
import rondel.desktop.field.Figure;
import rondel.desktop.field.FigureField;
import rondel.formats.export.ExportFormat;
import rondel.words.Words;

/** Asks for the kind of file, and what of the sheet goes into it. */
public final class ExportDialog {

    private static final double USUAL_PPI = 300;
    private static final double MOST_PPI = 2400;

    private final ChoiceBox<ExportFormat> kind = new ChoiceBox<>();
    private final FigureField ppi = new FigureField("export-ppi", Figure.number("", 1, 50, 1, MOST_PPI));
    private final CheckBox selection = new CheckBox(Words.of("export.selection"));
    private final CheckBox transparent = new CheckBox(Words.of("export.transparent"));

    public ExportDialog(boolean anySelected) {
        kind.setId("export-kind");
        kind.getItems().setAll(ExportFormat.values());
        kind.setValue(ExportFormat.PDF);
        ppi.show(USUAL_PPI);
        ppi.disableProperty().bind(kind.valueProperty().map(k -> !k.ofPixels()));
        selection.setId("export-selection");
        selection.setDisable(!anySelected);
        transparent.setId("export-transparent");
    }

    /** Shows it and waits.
     *
     * @throws Refusal if the ppi is no number */
    public Optional<ExportChoice> ask(Window owner) {
        return new FormDialog()
                .row("export.kind", kind)
                .row("export.ppi", ppi)
                .row(selection)
                .row(transparent)
                .ask(
                        owner,
                        Words.of("export.heading"),
                        Words.of("export.go"),
                        () -> new ExportChoice(
                                kind.getValue(),
                                selection.isSelected(),
                                ppi.isDisabled() ? USUAL_PPI : ppi.value(),
                                transparent.isSelected()));
    }
}
