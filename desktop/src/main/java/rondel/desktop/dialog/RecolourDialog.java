package rondel.desktop.dialog;

import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Slider;
import javafx.stage.Window;
import rondel.desktop.compose.colour.RecolourForm;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.FxColours;
import rondel.job.Rgba;
import rondel.words.Words;

/** Asks which colour goes in the place of which. */
public final class RecolourDialog {

    private final ColorPicker from = new ColorPicker();
    private final ColorPicker to = new ColorPicker();
    private final Slider tolerance = new Slider(0, 0.2, 0);
    private final CheckBox everywhere = new CheckBox(Words.of("recolour.everywhere"));

    public RecolourDialog(Rgba now, boolean anySelected) {
        from.setId("recolour-from");
        from.setValue(FxColours.of(now));
        to.setId("recolour-to");
        to.setValue(FxColours.of(now));
        tolerance.setId("recolour-tolerance");
        everywhere.setId("recolour-everywhere");
        everywhere.setSelected(!anySelected);
        everywhere.setDisable(!anySelected);
    }

    public Optional<RecolourForm> ask(Window owner) {
        return new FormDialog(GuidePage.COMPOSE)
                .row("recolour.from", from)
                .row("recolour.to", to)
                .row("recolour.near", tolerance)
                .row(everywhere)
                .saying(() -> WhatComesOut.of(form()))
                .ask(owner, Words.of("recolour.heading"), Words.of("recolour.go"), this::form);
    }

    private RecolourForm form() {
        return new RecolourForm(
                FxColours.rgba(from.getValue()),
                FxColours.rgba(to.getValue()),
                tolerance.getValue(),
                everywhere.isSelected());
    }
}
