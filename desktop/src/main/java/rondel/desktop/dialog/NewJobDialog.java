package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.stage.Window;
import rondel.compose.sheets.SheetSize;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.desktop.sheets.SheetFormat;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks for the title and the first sheet's size of a new job. */
public final class NewJobDialog {

    private final TextField title = new TextField(Words.of("new.untitled"));
    private final ChoiceBox<SheetFormat> format = new ChoiceBox<>();
    private final LengthInput width = LengthInput.ofSize("new-width");
    private final LengthInput height = LengthInput.ofSize("new-height");

    public NewJobDialog() {
        title.setId("new-title");
        format.setId("new-format");
        format.getItems().setAll(SheetFormat.USUAL);
        format.valueProperty().addListener((o, before, now) -> {
            width.show(now.width(), now.unit());
            height.show(now.height(), now.unit());
        });
        format.setValue(SheetFormat.USUAL.getFirst());
    }

    /** Shows it and waits.
     *
     * @throws rondel.words.Refusal if no sheet can have the size that was typed */
    public Optional<Job> ask(Window owner) {
        return new FormDialog(GuidePage.FIRST_HOUR)
                .row("new.title", title)
                .row("new.format", format)
                .row("new.width", width)
                .row("new.height", height)
                .saying(() -> {
                    LengthUnit unit = format.getValue().unit();
                    return WhatComesOut.sheet(width.mm(unit), height.mm(unit), 0, unit);
                })
                .ask(owner, Words.of("new.heading"), Words.of("new.make"), this::job);
    }

    private Job job() {
        LengthUnit unit = format.getValue().unit();
        double w = width.mm(unit);
        double h = height.mm(unit);
        SheetSize.check(w, h);
        String typed = title.getText().strip();
        return Job.blank(typed.isEmpty() ? Words.of("new.untitled") : typed, unit, w, h);
    }
}
