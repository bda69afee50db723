package rondel.desktop.ask;

import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.command.Command;
import rondel.desktop.command.Commands;
import rondel.desktop.command.KeyList;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.look.ModalCard;
import rondel.words.Words;

/** All keys over the window, menu by menu. */
public final class KeySheet extends ModalCard {

    private static final double WIDE = 1120;
    private static final double COLUMN = 250;
    private static final double HIGH = 620;
    private static final int COLUMNS = 4;

    /** Rows that a menu's title and the room above it take. */
    private static final int ROWS_OF_TITLE = 2;

    private final Commands commands;
    private final ScrollPane scroll = new ScrollPane();

    public KeySheet(Commands commands) {
        super("key-sheet", Pos.CENTER);
        this.commands = commands;
        Label title = new Label(Words.of("keys.title"));
        title.getStyleClass().add("title");
        Label close = new Label(Words.of("keys.close"));
        close.getStyleClass().add("quiet");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        hold(WIDE, HelpButton.titled(title, GuidePage.KEYS), scroll, close).setPrefHeight(HIGH);
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    }

    public void open() {
        scroll.setContent(columns(KeyList.byMenu(commands)));
        show(scroll);
    }

    private void key(KeyEvent e) {
        if (e.getCode() == KeyCode.ESCAPE || e.getCode() == KeyCode.F1 && e.isShiftDown()) {
            close();
            e.consume();
        }
    }

    /** Each menu goes under the shortest column, so that all are about as long. */
    private static HBox columns(Map<String, List<Command>> menus) {
        int[] rows = new int[COLUMNS];
        HBox all = new HBox(24);
        for (int i = 0; i < COLUMNS; i++) {
            all.getChildren().add(new VBox(16));
        }
        menus.forEach((menu, commands) -> {
            int shortest = 0;
            for (int i = 1; i < COLUMNS; i++) {
                shortest = rows[i] < rows[shortest] ? i : shortest;
            }
            rows[shortest] += commands.size() + ROWS_OF_TITLE;
            ((VBox) all.getChildren().get(shortest)).getChildren().add(group(menu, commands));
        });
        return all;
    }

    private static VBox group(String menu, List<Command> rows) {
        Label title = new Label(menu);
        title.getStyleClass().add("ask-label");
        GridPane grid = new GridPane(8, 3);
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().add(words);
        for (Command c : rows) {
            Label key = new Label(c.keys().orElseThrow().getDisplayText());
            key.getStyleClass().add("quiet");
            key.setMinWidth(Region.USE_PREF_SIZE);
            grid.addRow(grid.getRowCount(), new Label(c.label()), key);
        }
        VBox box = new VBox(6, title, grid);
        box.setPrefWidth(COLUMN);
        return box;
    }
}
