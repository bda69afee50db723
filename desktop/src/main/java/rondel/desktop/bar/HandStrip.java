package rondel.desktop.bar;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandHint;
import rondel.desktop.command.CommandIcons;
import rondel.desktop.command.Commands;
import rondel.desktop.command.HandTable;
import rondel.desktop.command.Menus;
import rondel.desktop.compose.points.PointChoice;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.RovingFocus;
import rondel.job.Located;
import rondel.words.Words;

/** What can be done with what is held just now, as icon and word; for nothing held, what can be added. */
public final class HandStrip extends HBox {

    private final Desk desk;
    private final Commands commands;
    private final PointChoice points;
    private final DragOut out;
    private final Map<String, Button> buttons = new HashMap<>();
    private final Map<List<String>, MenuButton> rests = new HashMap<>();
    private List<String> shown = List.of();

    public HandStrip(Desk desk, Commands commands, PointChoice points) {
        super(4);
        this.desk = desk;
        this.commands = commands;
        this.points = points;
        out = new DragOut(desk);
        setId("hand");
        getStyleClass().add("hand-strip");
        setAlignment(Pos.CENTER_LEFT);
        desk.selection().onChange(this::show);
        points.onChange(this::show);
        show();
        RovingFocus.over(this);
    }

    private void show() {
        List<String> ids = points.isOpen()
                ? HandTable.ofPoints()
                : HandTable.of(desk.selection().facts().selected().stream()
                        .map(Located::element)
                        .toList());
        if (ids.equals(shown)) {
            return;
        }
        shown = ids;
        List<Node> all = new ArrayList<>();
        ids.stream().limit(HandTable.SHOWN).forEach(id -> all.add(button(id)));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        all.addAll(List.of(rests.computeIfAbsent(ids, this::rest), space, out, button("ask")));
        getChildren().setAll(all);
    }

    /** What has no room as a button. */
    private MenuButton rest(List<String> ids) {
        MenuButton more = new MenuButton(Words.of("hand.more"));
        more.setId("hand-more");
        more.getStyleClass().add("hand-button");
        List<String> rest = ids.subList(Math.min(HandTable.SHOWN, ids.size()), ids.size());
        more.getItems().setAll(Menus.items(commands, rest, desk.notices()::refuse));
        return more;
    }

    /** Made once: what is held changes far more often than what can be done with it. */
    private Button button(String id) {
        return buttons.computeIfAbsent(id, i -> made(commands.get(i)));
    }

    /** It stays as it is when it can't be used, and says then what it needs. */
    private Button made(Command command) {
        Button button = new Button(word(command));
        button.setId("hand-" + command.id());
        button.getStyleClass().add("hand-button");
        CommandIcons.of(command.id()).ifPresent(button::setGraphic);
        CommandHint.withWhatItDoes(button, command);
        button.setAccessibleText(command.label());
        button.setFocusTraversable(true);
        button.setOnAction(e -> command.needs().ifPresentOrElse(desk.notices()::refuse, command::run));
        return button;
    }

    /** The short word of a command, where its label is long. */
    private static String word(Command command) {
        String key = "hand." + command.id();
        return Words.has(key) ? Words.of(key) : command.label().replace("…", "");
    }
}
