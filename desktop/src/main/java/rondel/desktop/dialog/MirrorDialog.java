package rondel.desktop.dialog;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Window;
import rondel.desktop.compose.repeat.MirrorForm;
import rondel.desktop.field.LengthInput;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.geometry.Box;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks to which corners an arrangement is mirrored, and whether the copies stay linked. */
public final class MirrorDialog {

    private final LengthUnit unit;
    private final ChoiceBox<MirrorForm.Corners> corners = new ChoiceBox<>();
    private final LengthInput x = new LengthInput("mirror-x");
    private final LengthInput y = new LengthInput("mirror-y");
    private final LengthInput width = new LengthInput("mirror-width");
    private final LengthInput height = new LengthInput("mirror-height");
    private final CheckBox linked = new CheckBox(Words.of("mirror.linked"));

    public MirrorDialog(MirrorForm suggested, LengthUnit unit) {
        this.unit = unit;
        corners.setId("mirror-corners");
        corners.getItems().setAll(MirrorForm.Corners.values());
        corners.setConverter(new ChoiceNames<>(c -> Words.of("mirror." + c.name())));
        corners.setValue(suggested.corners());
        x.show(suggested.box().x(), unit);
        y.show(suggested.box().y(), unit);
        width.show(suggested.box().width(), unit);
        height.show(suggested.box().height(), unit);
        linked.setId("mirror-linked");
        linked.setSelected(suggested.linked());
        for (LengthInput field : List.of(x, y, width, height)) {
            field.disableProperty().bind(corners.valueProperty().isNotEqualTo(MirrorForm.Corners.BOX));
        }
    }

    /** @throws rondel.words.Refusal if something that was typed is no length */
    public Optional<MirrorForm> ask(Window owner) {
        return new FormDialog(GuidePage.COMPOSE)
                .row("mirror.corners", corners)
                .row("mirror.x", x)
                .row("mirror.y", y)
                .row("mirror.width", width)
                .row("mirror.height", height)
                .row(linked)
                .saying(() -> WhatComesOut.of(form()))
                .ask(owner, Words.of("mirror.heading"), Words.of("mirror.go"), this::form);
    }

    private MirrorForm form() {
        return new MirrorForm(
                corners.getValue(),
                new Box(x.mm(unit), y.mm(unit), width.mm(unit), height.mm(unit)),
                linked.isSelected());
    }
}
