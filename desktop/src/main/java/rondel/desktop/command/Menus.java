package rondel.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import rondel.words.Words;

/** Menus made of the table of commands. */
public final class Menus {

    private static final List<String> BAR = List.of(
            "file", "edit", "add", "arrange", "space", "text", "colour", "lines", "gang", "run", "handOff", "view",
            "help");

    private final Commands commands;
    private final Consumer<String> refused;

    private Menus(Commands commands, Consumer<String> refused) {
        this.commands = commands;
        this.refused = refused;
    }

    /** The menus of the bar. No menu has more than fourteen rows.
     *
     * @param refused hears what a command needs that can't be used yet */
    public static List<Menu> bar(Commands commands, Consumer<String> refused) {
        Menus m = new Menus(commands, refused);
        return BAR.stream().map(m::menu).toList();
    }

    /** The same menus, each of which gets its rows when it is first opened: the window is there the sooner. */
    public static List<Menu> opening(Commands commands, Consumer<String> refused) {
        Menus m = new Menus(commands, refused);
        return BAR.stream().map(m::empty).toList();
    }

    private Menu empty(String name) {
        Menu menu = new Menu(Words.of("menu." + name));
        menu.setId("menu-" + name);
        menu.getItems().add(new MenuItem()); // a menu without rows does not open
        menu.setOnShowing(e -> {
            menu.getItems().setAll(filled(name));
            refresh(menu.getItems());
            menu.setOnShowing(again -> refresh(menu.getItems()));
        });
        return menu;
    }

    /** Rows for commands, as on the hand strip and in the context menu. */
    public static List<MenuItem> items(Commands commands, List<String> ids, Consumer<String> refused) {
        Menus m = new Menus(commands, refused);
        return ids.stream().flatMap(m::rows).toList();
    }

    /** Opens a menu of commands on something. */
    public static void show(
            ContextMenu menu,
            Commands commands,
            List<String> ids,
            Consumer<String> refused,
            Node on,
            double x,
            double y) {
        menu.getItems().setAll(items(commands, ids, refused));
        refresh(menu.getItems());
        menu.show(on, x, y);
    }

    /** Has the rows of menus that were open before do without the keys they had. */
    public static void rekey(List<Menu> menus) {
        menus.forEach(m -> refresh(m.getItems()));
    }

    /** Marks the rows of commands that can't be used now; they say what they need when they are chosen. */
    public static void refresh(List<MenuItem> items) {
        for (MenuItem item : items) {
            if (item instanceof Menu menu) {
                refresh(menu.getItems());
            } else if (item.getUserData() instanceof Command command) {
                item.setAccelerator(command.keys().orElse(null));
                item.getStyleClass().remove("not-now");
                if (!command.enabled().getAsBoolean()) {
                    item.getStyleClass().add("not-now");
                }
            }
        }
    }

    private Menu menu(String name) {
        Menu menu = new Menu(Words.of("menu." + name));
        menu.setId("menu-" + name);
        menu.getItems().setAll(filled(name));
        menu.setOnShowing(e -> refresh(menu.getItems()));
        return menu;
    }

    private List<MenuItem> filled(String name) {
        List<MenuItem> rows = new ArrayList<>();
        if (name.equals("view")) {
            commands.stages().forEach(s -> rows.add(item(commands.get(s.command()))));
        }
        CommandTable.menu(name).forEach(e -> rows.addAll(rows(e).toList()));
        return rows;
    }

    private Stream<MenuItem> rows(String entry) {
        if (entry.equals(CommandTable.LINE)) {
            return Stream.of(new SeparatorMenuItem());
        }
        if (entry.equals(CommandTable.DEMOS)) {
            return commands.demos().stream().map(this::item);
        }
        return Stream.of(
                entry.startsWith(CommandTable.SUBMENU)
                        ? menu(entry.substring(CommandTable.SUBMENU.length()))
                        : item(commands.get(entry)));
    }

    private MenuItem item(Command command) {
        MenuItem item = new MenuItem(command.label());
        item.setId("item-" + command.id());
        item.setUserData(command);
        Optional<Node> icon = CommandIcons.of(command.id());
        icon.ifPresent(item::setGraphic);
        item.setOnAction(e -> command.needs().ifPresentOrElse(refused, command::run));
        return item;
    }
}
