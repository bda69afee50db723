package rondel.desktop.command;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import rondel.desktop.look.CommandIcons;
import rondel.desktop.model.Stage;
import rondel.job.Role;
import rondel.words.Words;

/** Menus made of commands. */
public final class Menus {

    private static final String LINE = "-";
    private static final String DEMO = ">demo";
    private static final String SUB = ">";

    /** The menus of the bar. No menu has more than fourteen rows.
     *
     * @param refused hears what a command needs that can't be used yet */
    public static List<Menu> bar(Commands commands, Consumer<String> refused) {
        Menus m = new Menus(commands, refused);
        return List.of(
                m.menu(
                        "file", "new", "open", "start", DEMO, LINE, "save", "saveAs", "export", "place", "shelve",
                        "fillIn", LINE, "close", "quit"),
                m.menu(
                        "edit",
                        "undo",
                        "redo",
                        LINE,
                        "cut",
                        "copy",
                        "paste",
                        "pasteInPlace",
                        "duplicate",
                        "delete",
                        LINE,
                        "selectAll",
                        sub("select"),
                        "ask",
                        "keySheet"),
                m.menu(
                        "add",
                        "addText",
                        "place",
                        LINE,
                        "addBox",
                        "addOval",
                        "addLine",
                        "addScalloped",
                        sub("shapes"),
                        "pen",
                        LINE,
                        "addGuide",
                        "clearGuides",
                        "addSheet"),
                m.menu(
                        "arrange",
                        "group",
                        "ungroup",
                        "ungroupAll",
                        "stepIn",
                        "stepOut",
                        LINE,
                        sub("order"),
                        sub("turn"),
                        LINE,
                        sub("keep"),
                        sub("window"),
                        sub("tryOut"),
                        sub("repeat")),
                m.menu(
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
                        "picturesBy"),
                m.menu(
                        "text",
                        "addText",
                        "editText",
                        "letters",
                        "glyphs",
                        LINE,
                        "textOnOutline",
                        "textStraight",
                        LINE,
                        "addFonts"),
                m.menu("colour", "pickColour", "recolour", "stops", "keepColours", LINE, "shadow"),
                m.menu(
                        "lines",
                        sub("combine"),
                        "halo",
                        "uniteLive",
                        "makePermanent",
                        LINE,
                        "clearBackdrop",
                        "restoreBackdrop",
                        "trace",
                        LINE,
                        "fillOutline",
                        "stopAndKeep",
                        sub("outlines"),
                        sub("pieces"),
                        sub("role")),
                m.menu("view", m.view()));
    }

    /** Menus inside of others. */
    private static final Map<String, List<String>> SUBMENUS = Map.ofEntries(
            Map.entry(
                    "select",
                    List.of(
                            "deselect",
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
                            "selectBeneath")),
            Map.entry(
                    "shapes",
                    List.of(
                            "addPolygon",
                            "addStar",
                            "addHeart",
                            "addTag",
                            "addBanner",
                            "addArrow",
                            "addRing",
                            "addBalloon")),
            Map.entry(
                    "points",
                    List.of(
                            "points",
                            "pointNext",
                            "pointPrevious",
                            LINE,
                            "pointAdd",
                            "pointRemove",
                            "pointSmooth",
                            "pointCorner",
                            LINE,
                            "outlineSplit",
                            "outlineJoin")),
            Map.entry(
                    "seeing",
                    List.of(
                            "seePale",
                            LINE,
                            "paper-OWN",
                            "paper-GREY",
                            "paper-DARK",
                            "paper-CHEQUERS",
                            LINE,
                            "ground-LIGHT",
                            "ground-MIDDLE",
                            "ground-DARK")),
            Map.entry("order", List.of("raise", "lower", "toFront", "toBack")),
            Map.entry("turn", List.of("turnRight", "turnLeft", "flipAcross", "flipDown", LINE, "larger", "smaller")),
            Map.entry("keep", List.of("hide", "showAll", "lock", "unlockAll", LINE, "pin", "linesScale")),
            Map.entry(
                    "window",
                    List.of(
                            "clip",
                            "unclip",
                            "cropSeen",
                            LINE,
                            "makeWindows",
                            "fillWindows",
                            "emptyWindows",
                            "fitFill",
                            "fitWhole",
                            "fitFree")),
            Map.entry("tryOut", List.of("tryOut", "tryNext", "tryPrevious", "trySideBySide", "trySettle")),
            Map.entry("repeat", List.of("repeatDuplicate", "mirrorToCorners", "unlink", "repeatAlong")),
            Map.entry("combine", List.of("unite", "subtract", "intersect", "exclude", "divide", "dropCovered")),
            Map.entry(
                    "outlines",
                    List.of("toOutlines", "linesToOutlines", "joinEnds", "smoothForBlade", "makePlain", sub("points"))),
            Map.entry(
                    "pieces",
                    List.of(
                            "byPiece",
                            "byPieceAndHole",
                            "byColour",
                            "byRole",
                            "byOutline",
                            LINE,
                            "keepOnly",
                            "parkOthers")));

    private final Commands commands;
    private final Consumer<String> refused;

    private Menus(Commands commands, Consumer<String> refused) {
        this.commands = commands;
        this.refused = refused;
    }

    private static String sub(String name) {
        return SUB + name;
    }

    /** Rows for commands, as on the hand strip and in the context menu. */
    public static List<MenuItem> items(Commands commands, List<String> ids, Consumer<String> refused) {
        Menus m = new Menus(commands, refused);
        return ids.stream().map(m::row).toList();
    }

    /** Marks the rows of commands that can't be used now; they say what they need when they are chosen. */
    public static void refresh(List<MenuItem> items) {
        for (MenuItem item : items) {
            if (item instanceof Menu menu) {
                refresh(menu.getItems());
            } else if (item.getUserData() instanceof Command command) {
                item.getStyleClass().remove("not-now");
                if (!command.enabled().getAsBoolean()) {
                    item.getStyleClass().add("not-now");
                }
            }
        }
    }

    private Menu menu(String name, String... ids) {
        Menu menu = new Menu(Words.of("menu." + name));
        menu.setId("menu-" + name);
        for (String id : ids) {
            menu.getItems().add(row(id));
        }
        menu.setOnShowing(e -> refresh(menu.getItems()));
        return menu;
    }

    private MenuItem row(String id) {
        if (id.equals(LINE)) {
            return new SeparatorMenuItem();
        }
        if (id.equals(DEMO)) {
            return menu("demo", demos());
        }
        if (id.equals(SUB + "role")) {
            return roles();
        }
        return id.startsWith(SUB)
                ? menu(
                        id.substring(SUB.length()),
                        SUBMENUS.get(id.substring(SUB.length())).toArray(String[]::new))
                : item(commands.get(id));
    }

    private String[] demos() {
        List<String> ids = new ArrayList<>();
        commands.all().forEach(c -> {
            if (c.id().startsWith("demo-")) {
                ids.add(c.id());
            }
        });
        return ids.toArray(String[]::new);
    }

    private Menu roles() {
        List<String> ids = new ArrayList<>(
                Arrays.stream(Role.values()).map(RoleCommands::id).toList());
        ids.addAll(List.of(LINE, "rolesByLook"));
        return menu("role", ids.toArray(String[]::new));
    }

    private MenuItem item(Command command) {
        MenuItem item = new MenuItem(command.label());
        item.setId("item-" + command.id());
        item.setUserData(command);
        CommandIcons.of(command.id()).ifPresent(item::setGraphic);
        item.setOnAction(e -> command.needs().ifPresentOrElse(refused, command::run));
        command.keys().ifPresent(item::setAccelerator);
        return item;
    }

    /** The stages, how near one looks, and the sheets. */
    private String[] view() {
        return Stream.of(
                        commands.stages().stream().map(Stage::command),
                        Stream.of(
                                LINE,
                                "fit",
                                "trueSize",
                                "zoomIn",
                                "zoomOut",
                                sub("seeing"),
                                LINE,
                                "changeSheet",
                                "removeSheet",
                                "nextSheet",
                                "previousSheet"))
                .flatMap(ids -> ids)
                .toArray(String[]::new);
    }
}
