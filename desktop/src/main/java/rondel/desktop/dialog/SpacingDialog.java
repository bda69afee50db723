package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Spinner;
import javafx.stage.Window;
import rondel.desktop.compose.space.SpacingForm;
import rondel.desktop.compose.space.SpacingForm.Layout;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.geometry.Box;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks how things should be spaced out, and by how much. */
public final class SpacingDialog {

    private final LengthUnit unit;
    private final ChoiceBox<Layout> way = new ChoiceBox<>();
    private final LengthInput gap = new LengthInput("space-gap");
    private final LengthInput rowGap = new LengthInput("space-row-gap");
    private final LengthInput length = new LengthInput("space-length");
    private final Spinner<Integer> columns;

    /** @param count how many things there are
     *  @param box around them */
    public SpacingDialog(int count, Box box, LengthUnit unit) {
        this.unit = unit;
        way.setId("space-way");
        way.getItems().setAll(Layout.values());
        way.setValue(Layout.ROW);
        gap.show(unit.coarseNudge(), unit);
        rowGap.show(unit.coarseNudge(), unit);
        columns = new Spinner<>(1, Math.max(1, count), (int) Math.ceil(Math.sqrt(count)));
        columns.setId("space-columns");
        columns.setEditable(true);
        length.show(box.width(), unit);
        way.setOnAction(e -> length.show(way.getValue() == Layout.DOWN ? box.height() : box.width(), unit));
        gap.disableProperty().bind(way.valueProperty().map(w -> w == Layout.ACROSS || w == Layout.DOWN));
        rowGap.disableProperty().bind(way.valueProperty().map(w -> w != Layout.GRID));
        columns.disableProperty().bind(way.valueProperty().map(w -> w != Layout.GRID));
        length.disableProperty().bind(way.valueProperty().map(w -> w != Layout.ACROSS && w != Layout.DOWN));
    }

    /** Shows it and waits.
     *
     * @throws rondel.words.Refusal if something that was typed is no length */
    public Optional<SpacingForm> ask(Window owner) {
        return new FormDialog(GuidePage.COMPOSE)
                .row("space.way", way)
                .row("space.gap", gap)
                .row("space.columns", columns)
                .row("space.rowGap", rowGap)
                .row("space.length", length)
                .saying(() -> WhatComesOut.of(form(), unit))
                .ask(owner, Words.of("space.heading"), Words.of("space.go"), this::form);
    }

    private SpacingForm form() {
        return new SpacingForm(way.getValue(), gap.mm(unit), rowGap.mm(unit), columns.getValue(), length.mm(unit));
    }
}
