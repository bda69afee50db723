package rondel.desktop.dialog;

import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.control.ChoiceBox;
import javafx.stage.Window;
import rondel.desktop.help.GuidePage;
import rondel.desktop.look.ChoiceNames;
import rondel.formats.reading.OpenQuestions;
import rondel.formats.reading.ReadingChoice;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** Asks what a file leaves open: which of its pages is placed, or in which unit it is drawn. */
public final class ReadingDialog {

    private final String name;
    private final OpenQuestions open;
    private final ChoiceBox<Integer> page = new ChoiceBox<>();
    private final ChoiceBox<LengthUnit> unit = new ChoiceBox<>();

    public ReadingDialog(String name, OpenQuestions open) {
        this.name = name;
        this.open = open;
        page.setId("reading-page");
        page.getItems().setAll(IntStream.rangeClosed(1, open.pages()).boxed().toList());
        page.setConverter(new ChoiceNames<>(n -> Words.of("reading.pageOf", n, open.pages())));
        page.setValue(1);
        unit.setId("reading-unit");
        unit.getItems().setAll(LengthUnit.MM, LengthUnit.CM, LengthUnit.IN, LengthUnit.PT);
        unit.setConverter(new ChoiceNames<>(LengthUnit::symbol));
        unit.setValue(LengthUnit.MM);
    }

    /** Shows it and waits. */
    public Optional<ReadingChoice> ask(Window owner) {
        FormDialog form = new FormDialog(GuidePage.HAND_OFF);
        if (open.pages() > 1) {
            form.row("reading.page", page);
        }
        if (open.unitless()) {
            form.row("reading.unit", unit);
        }
        return form.ask(
                owner,
                Words.of("reading.title", name),
                Words.of("reading.place"),
                () -> new ReadingChoice(
                        page.getValue(), open.unitless() ? Optional.of(unit.getValue()) : Optional.empty()));
    }
}
