package rondel.desktop.preferences;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.WrappedLabel;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.ModalCard;
import rondel.words.Words;

/** All that can be preferred, part by part; each change holds at once. */
public final class PreferencesCard extends ModalCard {

    private static final double WIDE = 760;
    private static final double HIGH = 560;
    private static final double LIST = 170;

    private final List<Part> all = new ArrayList<>();
    private final ListView<Part> parts = new ListView<>();
    private final ScrollPane content = new ScrollPane();

    /** A part: its name in the bundle, under {@code prefs.part.}, and what makes its fields when it is looked at. */
    private record Part(String name, Supplier<Node> fields) {}

    public PreferencesCard(Desk desk, Commands commands, FolderChoice folders, OwnLists lists) {
        super("preferences", Pos.CENTER);
        all.add(new Part("seeing", () -> new SeeingPreferences(desk.preferred())));
        all.add(new Part("work", () -> new WorkPreferences(desk)));
        all.add(new Part("keys", () -> new KeyPreferences(desk.preferred(), commands)));
        all.add(new Part("folders", () -> new FolderPreferences(desk.preferred(), folders)));
        all.add(new Part("machines", () -> new MachinePreferences(desk.preferred())));
        all.add(new Part("lists", () -> new ListPreferences(lists)));
        Label title = new Label(Words.of("prefs.title"));
        title.getStyleClass().add("title");
        parts.setId("preference-parts");
        parts.setAccessibleText(Words.of("prefs.title"));
        parts.setMinWidth(LIST);
        parts.setPrefWidth(LIST);
        parts.setMaxWidth(LIST);
        parts.getItems().setAll(all);
        parts.setCellFactory(l -> new ListCell<>() {
            @Override
            protected void updateItem(Part part, boolean empty) {
                super.updateItem(part, empty);
                setText(empty ? null : Words.of("prefs.part." + part.name));
            }
        });
        parts.getSelectionModel().selectedItemProperty().addListener((o, before, now) -> look(now));
        content.setFitToWidth(true);
        content.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        content.getStyleClass().addAll("measure", "preference-fields");
        HBox.setHgrow(content, Priority.ALWAYS);
        HBox both = new HBox(16, parts, content);
        both.setPrefHeight(HIGH);
        Button close = new Button(Words.of("prefs.close"));
        close.setId("preferences-close");
        close.setOnAction(e -> close());
        HBox foot = new HBox(12, WrappedLabel.of(Words.of("prefs.atOnce"), "quiet"), close);
        foot.setAlignment(Pos.CENTER_RIGHT);
        hold(WIDE, HelpButton.titled(title, GuidePage.PREFERENCES), both, foot);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    private void look(Part part) {
        if (part != null) {
            Node fields = part.fields.get();
            fields.setId("preferences-" + part.name);
            content.setContent(fields);
        }
    }

    public void open() {
        if (parts.getSelectionModel().isEmpty()) {
            parts.getSelectionModel().selectFirst();
        } else {
            look(parts.getSelectionModel().getSelectedItem());
        }
        show(parts);
    }

    private void key(KeyEvent e) {
        boolean taken = content.getContent() instanceof KeyPreferences keys && keys.isListening();
        if (e.getCode() == KeyCode.ESCAPE && !taken) {
            close();
            e.consume();
        }
    }
}
