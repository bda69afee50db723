package rondel.desktop.lines;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import rondel.desktop.app.Desk;
import rondel.desktop.command.Command;
import rondel.desktop.command.Commands;
import rondel.desktop.sheet.SheetView;
import rondel.words.Words;

/** The sides of the window in the Lines stage: at the left what is found, at the right what can be done. */
public final class LinesSides {

    private LinesSides() {}

    /** The legend, and what the checks find. */
    public static Region left(Desk desk, FindingsModel findings) {
        Label title = new Label(Words.of("legend.title"));
        title.getStyleClass().add("side-title");
        VBox side = new VBox(10, title, new LegendView(desk), new FindingsView(desk, findings));
        side.getStyleClass().addAll("side", "shelf");
        side.setId("lines-left");
        return side;
    }

    /** The commands that make clean outlines, by what they are for. */
    public static Region right(Desk desk, Commands commands, Preview preview, BackgroundEdits edits, SheetView sheet) {
        Label title = new Label(Words.of("lines.title"));
        title.getStyleClass().add("side-title");
        CheckBox lines = new CheckBox(Words.of("lines.shapes.lines"));
        lines.setId("shapes-lines");
        lines.setOnAction(e -> edits.shapes().lines(lines.isSelected()));
        VBox shapes = section(
                commands,
                "lines.shapes",
                List.of(
                        "unite",
                        "subtract",
                        "intersect",
                        "exclude",
                        "divide",
                        "dropCovered",
                        "uniteLive",
                        "makePermanent"));
        shapes.getChildren().add(lines);
        VBox tools = new VBox(
                14,
                shapes,
                titled("lines.halo", new HaloSection(desk, preview, edits::make)),
                titled("lines.filling", new FillingSection(desk, preview, edits.filling())),
                titled(
                        "lines.backdrop",
                        new BackdropSection(desk, preview, edits, sheet, commands.get("restoreBackdrop"))),
                titled("lines.trace", new TraceSection(desk, preview, edits::make)),
                section(commands, "lines.outlines", List.of("toOutlines", "linesToOutlines")),
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
                section(commands, "lines.roles", List.of("rolesByLook")));
        ScrollPane scroll = new ScrollPane(tools);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox side = new VBox(10, title, scroll);
        side.getStyleClass().addAll("side", "measure");
        side.setId("lines-right");
        return side;
    }

    private static VBox titled(String key, Node content) {
        Label heading = new Label(Words.of(key));
        heading.getStyleClass().add("section-title");
        Label hint = new Label(Words.of(key + ".hint"));
        hint.getStyleClass().add("quiet");
        hint.setWrapText(true);
        return new VBox(6, heading, hint, content);
    }

    private static VBox section(Commands commands, String key, List<String> ids) {
        FlowPane buttons = new FlowPane(6, 6);
        for (String id : ids) {
            Command command = commands.get(id);
            Button button = new Button(command.label());
            button.setId("tool-" + id);
            button.getStyleClass().add("small");
            button.setTooltip(new Tooltip(command.hint()));
            button.setOnAction(e -> command.run());
            buttons.getChildren().add(button);
        }
        return titled(key, buttons);
    }
}
