package rondel.desktop.preferences;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.look.ChoiceNames;
import rondel.words.Words;

/** What the person has kept in lists of their own, to be taken off again. */
final class ListPreferences extends VBox {

    private static final double HIGH = 330;

    private final OwnLists lists;
    private final ChoiceBox<OwnLists.Of> which = new ChoiceBox<>();
    private final ListView<String> own = new ListView<>();

    ListPreferences(OwnLists lists) {
        super(8);
        this.lists = lists;
        which.setId("own-list");
        which.setAccessibleText(Words.of("prefs.part.lists"));
        which.setMaxWidth(Double.MAX_VALUE);
        which.setConverter(new ChoiceNames<>(l -> Words.of("prefs.list." + l.name())));
        which.getItems().setAll(lists.all());
        which.setValue(lists.all().getFirst());
        which.setOnAction(e -> read());
        own.setId("own-list-items");
        own.setAccessibleText(Words.of("prefs.part.lists"));
        own.setPrefHeight(HIGH);
        Label none = WrappedLabel.of(Words.of("prefs.noneOwn"), "quiet");
        own.setPlaceholder(none);
        Button off = new Button(Words.of("prefs.takeOff"));
        off.setId("own-list-take-off");
        off.disableProperty()
                .bind(own.getSelectionModel().selectedItemProperty().isNull());
        off.setOnAction(e -> Optional.ofNullable(own.getSelectionModel().getSelectedItem())
                .ifPresent(name -> lists.takeOff(which.getValue(), name, this::show)));
        getChildren().addAll(which, own, off);
        read();
    }

    private void read() {
        lists.read(which.getValue(), this::show);
    }

    private void show(List<String> names) {
        own.getItems().setAll(names);
    }
}
