package rondel.desktop.command;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** Icons of commands, all drawn with one pen on a square of 16. */
public final class CommandIcons {

    private static final double SIDE = 16;

    private CommandIcons() {}

    /** The icon of a command by its id; nothing for one that has none. */
    public static Optional<Node> of(String id) {
        return CommandTable.row(id)
                .map(CommandTable.Row::icon)
                .filter(i -> !i.isEmpty())
                .map(CommandIcons::drawn);
    }

    private static Node drawn(String path) {
        SVGPath lines = new SVGPath();
        lines.setContent(path);
        lines.getStyleClass().add("command-icon");
        StackPane square = new StackPane(lines);
        square.setMinSize(SIDE, SIDE);
        square.setPrefSize(SIDE, SIDE);
        square.setMaxSize(SIDE, SIDE);
        return square;
    }
}
