package rondel.desktop.look;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Optional;
import java.util.Properties;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.SVGPath;

/** Icons of commands, all drawn with one pen on a square of 16. */
public final class CommandIcons {

    private static final double SIDE = 16;
    private static final Properties PATHS = read();

    private CommandIcons() {}

    private static Properties read() {
        Properties paths = new Properties();
        try (InputStream in = CommandIcons.class.getResourceAsStream("/rondel/desktop/icons.properties")) {
            paths.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return paths;
    }

    /** The icon of a command by its id; nothing for one that has none. */
    public static Optional<Node> of(String id) {
        return Optional.ofNullable(PATHS.getProperty(id)).map(CommandIcons::drawn);
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
