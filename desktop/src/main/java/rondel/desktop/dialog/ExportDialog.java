package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.stage.Window;
import rondel.desktop.export.ExportChoice;
import rondel.formats.export.ExportFormat;
import rondel.words.Refusal;
import rondel.words.Words;

/** Asks for the kind of file, and what of the sheet goes into it. */
public final class ExportDialog {

    private final ChoiceBox<ExportFormat> kind = new ChoiceBox<>();
    private final TextField ppi = new TextField("300");
    private final CheckBox selection = new CheckBox(Words.of("export.selection"));
    private final CheckBox transparent = new CheckBox(Words.of("export.transparent"));

    public ExportDialog(boolean anySelected) {
        kind.setId("export-kind");
        kind.getItems().setAll(ExportFormat.values());
        kind.setValue(ExportFormat.PDF);
        ppi.setId("export-ppi");
        ppi.disableProperty().bind(kind.valueProperty().map(k -> !k.ofPixels()));
        selection.setId("export-selection");
        selection.setDisable(!anySelected);
        transparent.setId("export-transparent");
    }

    /** Shows it and waits.
     *
     * @throws Refusal if the ppi is no number */
    public Optional<ExportChoice> ask(Window owner) {
        boolean on = new FormDialog()
                .row("export.kind", kind)
                .row("export.ppi", ppi)
                .row(selection)
                .row(transparent)
                .ask(owner, Words.of("export.heading"), Words.of("export.go"));
        return on
                ? Optional.of(
                        new ExportChoice(kind.getValue(), selection.isSelected(), perInch(), transparent.isSelected()))
                : Optional.empty();
    }

    private double perInch() {
        try {
            return Double.parseDouble(ppi.getText().strip());
        } catch (NumberFormatException e) {
            throw new Refusal(Words.of("export.badPpi", ppi.getText()), e);
        }
    }
}
