package rondel.desktop.command;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import rondel.desktop.model.Stage;
import rondel.job.Role;
import rondel.words.Words;

/** Menus made of commands. */
public final class Menus {

    private static final String LINE = "-";

    private Menus() {}

    /** The whole menu of the job, behind its title. */
    public static List<MenuItem> job(Commands commands) {
        return List.of(
                item(commands, "new"),
                item(commands, "open"),
                menu(
                        commands,
                        "demo",
                        "demo-tide-page",
                        "demo-planner-stickers",
                        "demo-scrapbook-page",
                        "demo-tide-card",
                        "demo-boat-boxes",
                        "demo-sticker-sheet",
                        "demo-shell-whale",
                        "demo-lettering-sign",
                        "demo-photo-stickers"),
                item(commands, "save"),
                item(commands, "saveAs"),
                new SeparatorMenuItem(),
                item(commands, "place"),
                item(commands, "shelve"),
                item(commands, "fillIn"),
                item(commands, "export"),
                new SeparatorMenuItem(),
                menu(commands, "edit", "undo", "redo", LINE, "duplicate", "repeatDuplicate", "delete"),
                menu(
                        commands,
                        "select",
                        "selectAll",
                        "deselect",
                        LINE,
                        "sameFill",
                        "sameLine",
                        "sameSize",
                        "sameKind",
                        "sameRole",
                        LINE,
                        "selectNext",
                        "selectPrevious",
                        "alsoNext",
                        "alsoPrevious",
                        "selectBeneath"),
                menu(
                        commands,
                        "space",
                        "alignLeft",
                        "alignCentre",
                        "alignRight",
                        "alignTop",
                        "alignMiddle",
                        "alignBottom",
                        "centreAll",
                        LINE,
                        "evenGapsAcross",
                        "evenGapsDown",
                        "evenCentresAcross",
                        "evenCentresDown",
                        "spaceOut",
                        LINE,
                        "addGuide",
                        "clearGuides"),
                menu(commands, "group", "group", "ungroup", "ungroupAll", LINE, "stepIn", "stepOut"),
                menu(
                        commands,
                        "arrange",
                        "raise",
                        "lower",
                        "toFront",
                        "toBack",
                        LINE,
                        "turnRight",
                        "turnLeft",
                        "flipAcross",
                        "flipDown",
                        LINE,
                        "hide",
                        "showAll",
                        "lock",
                        "unlockAll",
                        LINE,
                        "pin",
                        "linesScale"),
                menu(
                        commands,
                        "text",
                        "addText",
                        LINE,
                        "letters",
                        "glyphs",
                        LINE,
                        "textOnOutline",
                        "textStraight",
                        LINE,
                        "addFonts"),
                menu(
                        commands,
                        "lines",
                        "unite",
                        "subtract",
                        "intersect",
                        "exclude",
                        "divide",
                        "dropCovered",
                        "uniteLive",
                        "makePermanent",
                        LINE,
                        "halo",
                        "clearBackdrop",
                        "restoreBackdrop",
                        "trace",
                        LINE,
                        "fillOutline",
                        "stopAndKeep",
                        LINE,
                        "toOutlines",
                        "linesToOutlines",
                        "joinEnds",
                        "smoothForBlade"),
                roles(commands),
                menu(
                        commands,
                        "pieces",
                        "byPiece",
                        "byPieceAndHole",
                        "byColour",
                        "byRole",
                        "byOutline",
                        LINE,
                        "keepOnly",
                        "parkOthers"),
                menu(commands, "tryOut", "tryOut", "tryNext", "tryPrevious", "trySideBySide", "trySettle"),
                menu(commands, "repeat", "mirrorToCorners", "unlink", "repeatAlong"),
                menu(commands, "colour", "pickColour", "recolour", "stops", "keepColours"),
                menu(
                        commands,
                        "window",
                        "clip",
                        "unclip",
                        LINE,
                        "makeWindows",
                        "fillWindows",
                        "emptyWindows",
                        "fitFill",
                        "fitWhole",
                        "fitFree",
                        LINE,
                        "shadow"),
                menu(commands, "sheet", "changeSheet", "addSheet", "removeSheet", LINE, "nextSheet", "previousSheet"),
                menu(commands, "view", view(commands)));
    }

    /** What a right click on the sheet offers. */
    public static ContextMenu context(Commands commands) {
        ContextMenu menu = new ContextMenu();
        for (String id : List.of(
                "duplicate",
                "delete",
                LINE,
                "group",
                "ungroup",
                "stepIn",
                "stepOut",
                LINE,
                "raise",
                "lower",
                "toFront",
                "toBack",
                LINE,
                "flipAcross",
                "flipDown",
                "hide",
                "lock",
                LINE,
                "shelve")) {
            menu.getItems().add(id.equals(LINE) ? new SeparatorMenuItem() : item(commands, id));
        }
        menu.setOnShowing(e -> refresh(menu.getItems(), commands));
        return menu;
    }

    public static void refresh(List<MenuItem> items, Commands commands) {
        for (MenuItem item : items) {
            if (item instanceof Menu menu) {
                refresh(menu.getItems(), commands);
            } else if (item.getUserData() instanceof Command command) {
                item.setDisable(!command.enabled().getAsBoolean());
            }
        }
    }

    private static Menu roles(Commands commands) {
        Menu menu = menu(
                commands,
                "role",
                Arrays.stream(Role.values()).map(RoleCommands::id).toArray(String[]::new));
        menu.getItems().addAll(new SeparatorMenuItem(), item(commands, "rolesByLook"));
        return menu;
    }

    private static Menu menu(Commands commands, String name, String... ids) {
        Menu menu = new Menu(Words.of("menu." + name));
        menu.setId("menu-" + name);
        for (String id : ids) {
            menu.getItems().add(id.equals(LINE) ? new SeparatorMenuItem() : item(commands, id));
        }
        return menu;
    }

    private static MenuItem item(Commands commands, String id) {
        Command command = commands.get(id);
        MenuItem item = new MenuItem(command.label());
        item.setId("item-" + id);
        item.setUserData(command);
        item.setOnAction(e -> command.run());
        command.keys().ifPresent(item::setAccelerator);
        return item;
    }

    /** The stages, and how near one looks. */
    private static String[] view(Commands commands) {
        return Stream.of(
                        commands.stages().stream().map(Stage::command),
                        Stream.of(LINE, "fit", "trueSize", "zoomIn", "zoomOut"))
                .flatMap(ids -> ids)
                .toArray(String[]::new);
    }
}
