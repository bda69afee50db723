package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Window;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.desktop.sheets.GuideForm;
import rondel.geometry.Axis;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks where a guide should lie. */
public final class GuideDialog {

    private final LengthUnit unit;
    private final ChoiceBox<Axis> axis = new ChoiceBox<>();
    private final LengthInput at = new LengthInput("guide-at");

    public GuideDialog(LengthUnit unit) {
        this.unit = unit;
        axis.setId("guide-axis");
        axis.getItems().setAll(Axis.values());
        axis.setConverter(new ChoiceNames<>(a -> Words.of("guide." + a.name())));
        axis.setValue(Axis.HORIZONTAL);
        at.show(unit.toMm(1), unit);
    }

    /** Shows it and waits.
     *
     * @throws rondel.words.Refusal if what was typed is no length */
    public Optional<GuideForm> ask(Window owner) {
        return new FormDialog(GuidePage.COMPOSE)
                .row("guide.direction", axis)
                .row("guide.at", at)
                .saying(() -> WhatComesOut.of(form(), unit))
                .ask(owner, Words.of("guide.heading"), Words.of("guide.add"), this::form);
    }

    private GuideForm form() {
        return new GuideForm(axis.getValue(), at.mm(unit));
    }
}
