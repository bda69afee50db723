package rondel.desktop.lines;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Accordion;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TitledPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.desk.Desk;
import rondel.desktop.field.RovingFocus;
import rondel.desktop.field.RovingPane;
import rondel.desktop.help.GuidePage;
import rondel.desktop.help.HelpButton;
import rondel.desktop.lines.making.BackgroundEdits;
import rondel.desktop.lines.making.Preview;
import rondel.desktop.sheet.SheetView;
import rondel.words.Words;

/** The sides of the window in the Lines stage: at the left what is found, at the right what can be done. */
public final class LinesSides {

    private LinesSides() {}

    /** The legend, what the checks find, and what the selection consists of. */
    public static Region left(Desk desk, FindingsModel findings, BackgroundEdits edits) {
        HBox title = HelpButton.titled("legend.title", GuidePage.LINES);
        VBox side =
                new VBox(10, title, new LegendView(desk), new FindingsView(desk, findings, edits), new PartsView(desk));
        side.getStyleClass().addAll("side", "shelf");
        side.setId("lines-left");
        return side;
    }

    /** The commands that make clean outlines, by what they are for. */
    public static Region right(Desk desk, Commands commands, Preview preview, BackgroundEdits edits, SheetView sheet) {
        HBox title = HelpButton.titled("lines.title", GuidePage.LINES);
        CheckBox lines = new CheckBox(Words.of("lines.shapes.lines"));
        lines.setId("shapes-lines");
        lines.setOnAction(e -> edits.shapes().lines(lines.isSelected()));
        FlowPane buttons = buttons(
                commands,
                List.of(
                        "unite",
                        "subtract",
                        "intersect",
                        "exclude",
                        "divide",
                        "dropCovered",
                        "uniteLive",
                        "makePermanent"));
        Accordion tools = new Accordion(
                titled("lines.shapes", new VBox(8, buttons, lines)),
                titled("lines.halo", new HaloSection(desk, preview, edits::make)),
                titled("lines.filling", new FillingSection(desk, preview, edits.filling())),
                titled(
                        "lines.backdrop",
                        new BackdropSection(desk, preview, edits, sheet, commands.get("restoreBackdrop"))),
                titled("lines.trace", new TraceSection(desk, preview, edits::make)),
                section(
                        commands,
                        "lines.outlines",
                        List.of("toOutlines", "linesToOutlines", "joinEnds", "smoothForBlade")),
                section(
                        commands,
                        "lines.pieces",
                        List.of(
                                "byPiece",
                                "byPieceAndHole",
                                "byOutline",
                                "byColour",
                                "byRole",
                                "keepOnly",
                                "parkOthers")),
                titled("lines.roles", new RolesSection(commands)));
        tools.setId("lines-parts");
        RovingFocus.over(tools);
        tools.setExpandedPane(tools.getPanes().getFirst());
        ScrollPane scroll = new ScrollPane(tools);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox side = new VBox(10, title, scroll);
        side.getStyleClass().addAll("side", "measure");
        side.setId("lines-right");
        return side;
    }

    /** A part that folds away under its name; one is open at a time. */
    private static TitledPane titled(String key, Node content) {
        Label hint = new Label(Words.of(key + ".hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        TitledPane part = new TitledPane(Words.of(key), new VBox(6, hint, content));
        part.setId("part-" + key.substring(key.lastIndexOf('.') + 1));
        part.getStyleClass().add("part");
        part.setAnimated(false);
        if (content instanceof ToolSection tool) {
            part.expandedProperty().addListener((o, before, open) -> tool.putAway());
        }
        return part;
    }

    private static TitledPane section(Commands commands, String key, List<String> ids) {
        return titled(key, buttons(commands, ids));
    }

    private static FlowPane buttons(Commands commands, List<String> ids) {
        FlowPane buttons = new RovingPane(6, 6);
        for (String id : ids) {
            buttons.getChildren().add(CommandButton.of(commands.get(id)));
        }
        return buttons;
    }
}
