package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Slider;
import javafx.stage.Window;
import rondel.desktop.compose.repeat.RepeatForm;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.geometry.Axis;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks along which edge things are repeated, and what may give so that whole repeats fill it. */
public final class RepeatDialog {

    private final LengthUnit unit;
    private final ChoiceBox<Axis> axis = new ChoiceBox<>();
    private final LengthInput start = new LengthInput("repeat-start");
    private final LengthInput length = new LengthInput("repeat-length");
    private final LengthInput gap = new LengthInput("repeat-gap");
    private final LengthInput slack = new LengthInput("repeat-slack");
    private final Slider stretch = new Slider(0, 25, 5);

    public RepeatDialog(LengthUnit unit) {
        this.unit = unit;
        axis.setId("repeat-axis");
        axis.getItems().setAll(Axis.values());
        axis.setConverter(new ChoiceNames<>(a -> Words.of("repeat." + a.name())));
        axis.setValue(Axis.HORIZONTAL);
        start.show(0, unit);
        length.show(0, unit);
        gap.show(0, unit);
        slack.show(unit.fineNudge(), unit);
        stretch.setId("repeat-stretch");
        stretch.setShowTickLabels(true);
        stretch.setMajorTickUnit(5);
    }

    /** Shows it and waits.
     *
     * @throws rondel.words.Refusal if something that was typed is no length */
    public Optional<RepeatForm> ask(Window owner) {
        return new FormDialog(GuidePage.COMPOSE)
                .row("repeat.along", axis)
                .row("repeat.start", start)
                .row("repeat.length", length)
                .row("repeat.gap", gap)
                .row("repeat.slack", slack)
                .row("repeat.stretch", stretch)
                .saying(() -> WhatComesOut.of(form(), unit))
                .ask(owner, Words.of("repeat.heading"), Words.of("repeat.go"), this::form);
    }

    private RepeatForm form() {
        return new RepeatForm(
                axis.getValue(),
                start.mm(unit),
                length.mm(unit),
                gap.mm(unit),
                slack.mm(unit),
                stretch.getValue() / 100);
    }
}
