package rondel.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.stage.Window;
import rondel.desktop.export.ExportChoice;
import rondel.formats.export.ExportFormat;
import rondel.job.Job;
import rondel.sheets.SheetSize;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The window's questions as dialogs. */
public record Dialogs(Supplier<Window> owner, Notices notices) implements Questions {

    /** A sheet format by the name of its key, in mm. */
    private record Format(String key, double width, double height, LengthUnit unit) {
        @Override
        public String toString() {
            return Words.of("format." + key);
        }
    }

    private static final List<Format> FORMATS = List.of(
            new Format("page12", 304.8, 304.8, LengthUnit.IN),
            new Format("letter", 215.9, 279.4, LengthUnit.IN),
            new Format("a4", 210, 297, LengthUnit.MM),
            new Format("card5x7", 127, 177.8, LengthUnit.IN),
            new Format("card4x6", 101.6, 152.4, LengthUnit.IN),
            new Format("plannerPage", 177.8, 234.95, LengthUnit.IN),
            new Format("mat12", 304.8, 304.8, LengthUnit.IN),
            new Format("mat12x24", 304.8, 609.6, LengthUnit.IN),
            new Format("hoop4", 101.6, 101.6, LengthUnit.IN),
            new Format("own", 150, 100, LengthUnit.MM));

    @Override
    public Unsaved unsaved(String title) {
        ButtonType save = new ButtonType(Words.of("ask.save"), ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType(Words.of("ask.discard"), ButtonBar.ButtonData.NO);
        Alert alert = new Alert(
                Alert.AlertType.CONFIRMATION, Words.of("ask.unsaved", title), save, discard, ButtonType.CANCEL);
        prepare(alert, Words.of("ask.unsavedTitle"));
        ButtonType answer = alert.showAndWait().orElse(ButtonType.CANCEL);
        return answer == save ? Unsaved.SAVE : answer == discard ? Unsaved.DISCARD : Unsaved.STAY;
    }

    @Override
    public boolean recover(String title, int edits) {
        ButtonType yes = new ButtonType(Words.of("ask.recover"), ButtonBar.ButtonData.YES);
        ButtonType no = new ButtonType(Words.of("ask.letGo"), ButtonBar.ButtonData.NO);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, Words.of("ask.leftOver", title, edits), yes, no);
        prepare(alert, Words.of("ask.leftOverTitle"));
        return alert.showAndWait().filter(yes::equals).isPresent();
    }

    @Override
    public Optional<Job> newJob() {
        TextField title = new TextField(Words.of("new.untitled"));
        ChoiceBox<Format> format = new ChoiceBox<>();
        format.getItems().setAll(FORMATS);
        TextField width = new TextField();
        TextField height = new TextField();
        format.valueProperty().addListener((o, before, now) -> {
            width.setText(rondel.units.LengthFormat.withUnit(now.width, now.unit));
            height.setText(rondel.units.LengthFormat.withUnit(now.height, now.unit));
        });
        format.setValue(FORMATS.getFirst());
        GridPane form = form();
        row(form, 0, "new.title", title);
        row(form, 1, "new.format", format);
        row(form, 2, "new.width", width);
        row(form, 3, "new.height", height);
        Dialog<ButtonType> dialog = dialog(Words.of("new.heading"), form, Words.of("new.make"));
        if (dialog.showAndWait()
                .filter(b -> b.getButtonData() == ButtonBar.ButtonData.OK_DONE)
                .isEmpty()) {
            return Optional.empty();
        }
        LengthUnit unit = format.getValue().unit;
        try {
            double w = LengthParser.mm(width.getText(), unit);
            double h = LengthParser.mm(height.getText(), unit);
            SheetSize.check(w, h);
            return Optional.of(Job.blank(title.getText().strip(), unit, w, h));
        } catch (Refusal e) {
            notices.refuse(e.getMessage());
            return Optional.empty();
        }
    }

    @Override
    public Optional<ExportChoice> export(boolean anySelected) {
        ChoiceBox<ExportFormat> kind = new ChoiceBox<>();
        kind.getItems().setAll(ExportFormat.values());
        kind.setValue(ExportFormat.PDF);
        CheckBox selection = new CheckBox(Words.of("export.selection"));
        selection.setDisable(!anySelected);
        CheckBox transparent = new CheckBox(Words.of("export.transparent"));
        TextField ppi = new TextField("300");
        ppi.disableProperty().bind(kind.valueProperty().map(k -> !k.ofPixels()));
        GridPane form = form();
        row(form, 0, "export.kind", kind);
        row(form, 1, "export.ppi", ppi);
        form.add(selection, 1, 2);
        form.add(transparent, 1, 3);
        Dialog<ButtonType> dialog = dialog(Words.of("export.heading"), form, Words.of("export.go"));
        if (dialog.showAndWait()
                .filter(b -> b.getButtonData() == ButtonBar.ButtonData.OK_DONE)
                .isEmpty()) {
            return Optional.empty();
        }
        try {
            double perInch = Double.parseDouble(ppi.getText().strip());
            return Optional.of(
                    new ExportChoice(kind.getValue(), selection.isSelected(), perInch, transparent.isSelected()));
        } catch (NumberFormatException e) {
            notices.refuse(Words.of("export.badPpi", ppi.getText()));
            return Optional.empty();
        }
    }

    private static GridPane form() {
        GridPane form = new GridPane(10, 10);
        form.getStyleClass().add("form");
        return form;
    }

    private static void row(GridPane form, int row, String key, javafx.scene.Node field) {
        Label label = new Label(Words.of(key));
        label.setLabelFor(field);
        field.setAccessibleText(Words.of(key));
        form.addRow(row, label, field);
    }

    private Dialog<ButtonType> dialog(String title, GridPane form, String go) {
        Dialog<ButtonType> dialog = new Dialog<>();
        dialog.getDialogPane().setContent(form);
        dialog.getDialogPane()
                .getButtonTypes()
                .setAll(new ButtonType(go, ButtonBar.ButtonData.OK_DONE), ButtonType.CANCEL);
        prepare(dialog, title);
        return dialog;
    }

    private void prepare(Dialog<?> dialog, String title) {
        dialog.setTitle(title);
        dialog.setHeaderText(title);
        dialog.setGraphic(null);
        Window window = owner.get();
        if (window != null) {
            dialog.initOwner(window);
        }
        Theme.dress(dialog.getDialogPane());
    }
}
