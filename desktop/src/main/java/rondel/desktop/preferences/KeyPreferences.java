package rondel.desktop.preferences;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Command;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Preferred;
import rondel.desktop.field.RovingPane;
import rondel.desktop.field.WrappedLabel;
import rondel.words.Words;

/** The key of every command, to be changed by pressing another; where two would have the same, that is said and neither is changed. */
final class KeyPreferences extends VBox {

    private static final double HIGH = 380;

    private final KeyTable table;
    private final ListView<Command> list = new ListView<>();
    private final Label said = WrappedLabel.of("", "form-wrong");
    private final Button press = new Button(Words.of("prefs.pressKey"));
    private boolean listening;

    KeyPreferences(Preferred preferred, Commands commands) {
        super(8);
        table = new KeyTable(preferred, commands);
        TextField find = new TextField();
        find.setId("find-key");
        find.setPromptText(Words.of("prefs.findKey"));
        find.setAccessibleText(Words.of("prefs.findKey"));
        find.textProperty().addListener((o, before, now) -> list.getItems().setAll(table.matching(now)));
        list.setId("keys");
        list.setAccessibleText(Words.of("keys.title"));
        list.setPrefHeight(HIGH);
        list.setCellFactory(l -> new Row());
        list.getItems().setAll(table.matching(""));
        list.getSelectionModel().selectFirst();
        press.setId("press-key");
        press.setOnAction(e -> listen(true));
        Button none = new Button(Words.of("prefs.noKey"));
        none.setId("no-key");
        none.setOnAction(e -> chosen().ifPresent(c -> tell(table.none(c))));
        Button usual = new Button(Words.of("prefs.usualKey"));
        usual.setId("usual-key");
        usual.setOnAction(e -> chosen().ifPresent(c -> tell(table.usual(c))));
        said.setId("key-said");
        getChildren().addAll(find, list, new RovingPane(6, 6, press, none, usual), said);
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    /** Whether the next key that is pressed is to be the command's. */
    boolean isListening() {
        return listening;
    }

    private Optional<Command> chosen() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
    }

    private void listen(boolean on) {
        listening = on;
        press.setText(Words.of(on ? "prefs.pressNow" : "prefs.pressKey"));
    }

    private void pressed(KeyEvent e) {
        if (!listening || e.getCode().isModifierKey() || e.getCode() == KeyCode.UNDEFINED) {
            return;
        }
        e.consume();
        listen(false);
        if (e.getCode() != KeyCode.ESCAPE) {
            chosen().ifPresent(c -> tell(table.choose(c, e)));
        }
    }

    private void tell(Optional<String> problem) {
        said.setText(problem.orElse(""));
        list.refresh();
    }

    /** A command and its key. */
    private final class Row extends ListCell<Command> {

        private final Label name = new Label();
        private final Label key = new Label();
        private final HBox both = new HBox(8, name, space(), key);

        Row() {
            both.setAlignment(Pos.CENTER_LEFT);
            key.setMinWidth(Region.USE_PREF_SIZE);
            setPrefWidth(0);
        }

        private static Region space() {
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            return space;
        }

        @Override
        protected void updateItem(Command c, boolean empty) {
            super.updateItem(c, empty);
            setText(null);
            setGraphic(empty ? null : both);
            if (!empty) {
                name.setText(c.label());
                String shown = c.keys().map(KeyCombination::getDisplayText).orElse("");
                key.setText(table.isOwn(c) ? Words.of("prefs.ownKey", shown) : shown);
                setAccessibleText(c.label() + ", " + (shown.isEmpty() ? Words.of("prefs.hasNoKey") : shown));
            }
        }
    }
}
