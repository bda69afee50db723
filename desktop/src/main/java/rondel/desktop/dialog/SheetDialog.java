package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.TextField;
import javafx.stage.Window;
import rondel.compose.sheets.SheetSize;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.FxColours;
import rondel.desktop.sheets.SheetForm;
import rondel.desktop.sheets.SheetFormat;
import rondel.job.Rgba;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks for a sheet's name, size, margins and paper. */
public final class SheetDialog {

    private final SheetForm now;
    private final LengthUnit unit;
    private final TextField name = new TextField();
    private final ChoiceBox<SheetFormat> format = new ChoiceBox<>();
    private final LengthInput width = LengthInput.ofSize("sheet-width");
    private final LengthInput height = LengthInput.ofSize("sheet-height");
    private final LengthInput bleed = new LengthInput("sheet-bleed");
    private final LengthInput margin = new LengthInput("sheet-margin");
    private final ColorPicker paper = new ColorPicker();
    private final CheckBox transparent = new CheckBox(Words.of("sheet.transparent"));

    public SheetDialog(SheetForm now, LengthUnit unit) {
        this.now = now;
        this.unit = unit;
        name.setId("sheet-name");
        name.setText(now.name());
        format.setId("sheet-format");
        format.getItems().setAll(SheetFormat.USUAL);
        format.setValue(SheetFormat.of(now.width(), now.height()));
        size(now.width(), now.height());
        format.setOnAction(e -> {
            if (format.getValue() != SheetFormat.USUAL.getLast()) {
                size(format.getValue().width(), format.getValue().height());
            }
        });
        bleed.show(now.bleed(), unit);
        margin.show(now.safeMargin(), unit);
        paper.setId("sheet-paper");
        paper.setValue(FxColours.of(now.paper().orElse(Rgba.WHITE)));
        transparent.setId("sheet-transparent");
        transparent.setSelected(now.paper().isEmpty());
        paper.disableProperty().bind(transparent.selectedProperty());
    }

    private void size(double w, double h) {
        width.show(w, unit);
        height.show(h, unit);
    }

    /** Shows it and waits.
     *
     * @throws rondel.words.Refusal if something that was typed is no length */
    public Optional<SheetForm> ask(Window owner, String title, String go) {
        return new FormDialog(GuidePage.COMPOSE)
                .row("sheet.name", name)
                .row("new.format", format)
                .row("new.width", width)
                .row("new.height", height)
                .row("sheet.bleed", bleed)
                .row("sheet.margin", margin)
                .row("sheet.paper", paper)
                .row(transparent)
                .saying(() -> WhatComesOut.sheet(width.mm(unit), height.mm(unit), bleed.mm(unit), unit))
                .ask(owner, title, go, this::form);
    }

    private SheetForm form() {
        String typed = name.getText().strip();
        SheetSize.check(width.mm(unit), height.mm(unit));
        return new SheetForm(
                typed.isEmpty() ? now.name() : typed,
                width.mm(unit),
                height.mm(unit),
                bleed.mm(unit),
                margin.mm(unit),
                transparent.isSelected() ? Optional.empty() : Optional.of(FxColours.rgba(paper.getValue())));
    }
}
