package rondel.desktop.gang;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import rondel.desktop.field.LengthInput;
import rondel.desktop.gang.planning.NamesModel;
import rondel.desktop.look.ChoiceNames;
import rondel.gang.names.ColumnMatching;
import rondel.job.NameList;
import rondel.words.Refusal;
import rondel.words.Words;

/** Which column of a list goes into which blank of the template, with how much room and how small, and which says how many. */
final class NamesMapping extends GridPane {

    private final NamesModel model;
    private final Consumer<String> refused;
    private final ChoiceBox<Optional<String>> count = new ChoiceBox<>();
    private boolean showing;

    /** @param refused hears why something that was typed can't be */
    NamesMapping(NamesModel model, Consumer<String> refused) {
        super(8, 6);
        this.model = model;
        this.refused = refused;
        count.setId("names-count");
        count.setConverter(new ChoiceNames<>(c -> c.orElse(Words.of("names.oneEach"))));
        count.setOnAction(e -> {
            if (!showing && count.getValue() != null) {
                model.count(count.getValue());
            }
        });
    }

    /** Shows the blanks as they are filled now. */
    void show(Optional<NameList> list) {
        showing = true;
        List<ColumnMatching.Place> places = list.isPresent() ? model.places() : List.of();
        List<Optional<String>> choices = new ArrayList<>(List.of(Optional.empty()));
        list.map(NameList::columns).orElse(List.of()).forEach(c -> choices.add(Optional.of(c)));
        getChildren().clear();
        for (int i = 0; i < places.size(); i++) {
            blank(places.get(i), i, choices);
        }
        if (list.isPresent()) {
            count.getItems().setAll(choices);
            count.setValue(list.get().count());
            Label label = new Label(Words.of("names.howMany"));
            label.setLabelFor(count);
            addRow(places.size(), label, count);
        }
        showing = false;
    }

    private void blank(ColumnMatching.Place place, int row, List<Optional<String>> choices) {
        Optional<NameList.Blank> now = model.blank(place.element());
        ChoiceBox<Optional<String>> column = new ChoiceBox<>();
        column.setId("names-blank-" + row);
        column.getItems().setAll(choices);
        column.setConverter(new ChoiceNames<>(c -> c.orElse(Words.of("names.asItIs"))));
        column.setValue(now.map(NameList.Blank::column));
        LengthInput room = new LengthInput("names-room-" + row);
        LengthInput smallest = LengthInput.ofSize("names-smallest-" + row);
        var unit = model.desk().bench().job().unit();
        room.setPrefColumnCount(6);
        smallest.setPrefColumnCount(6);
        room.show(now.map(b -> b.room().orElse(0)).orElse(0.0), unit);
        smallest.show(now.map(NameList.Blank::smallest).orElse(NameList.Blank.USUAL_SMALLEST), unit);
        Runnable map = () -> {
            if (showing || column.getValue() == null) {
                return;
            }
            try {
                double wide = room.mm(unit);
                model.map(
                        place.element(),
                        column.getValue(),
                        wide > 0 ? OptionalDouble.of(wide) : OptionalDouble.empty(),
                        smallest.mm(unit));
            } catch (Refusal e) {
                refused.accept(e.getMessage());
            }
        };
        column.setOnAction(e -> map.run());
        room.setOnAction(e -> map.run());
        smallest.setOnAction(e -> map.run());
        String says = place.says().replace('\n', ' ');
        Label label = new Label(says.length() > 28 ? says.substring(0, 28) + "…" : says);
        label.setLabelFor(column);
        if (place.picture() || now.isEmpty()) {
            addRow(row, label, column);
        } else {
            addRow(
                    row,
                    label,
                    column,
                    new Label(Words.of("names.room")),
                    room,
                    new Label(Words.of("names.smallest")),
                    smallest);
        }
    }
}
