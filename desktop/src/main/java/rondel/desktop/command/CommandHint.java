package rondel.desktop.command;

import java.util.function.Supplier;
import javafx.scene.Node;
import rondel.desktop.look.Hint;

/** A hint that tells the keys that a command has when it is shown: they can be changed while the window is open. */
public final class CommandHint {

    private CommandHint() {}

    /** The command's name with its keys. */
    public static void on(Node node, Command command) {
        on(node, command::hint);
    }

    /** With what it does, too. */
    public static void withWhatItDoes(Node node, Command command) {
        on(node, () -> command.hint() + "\n" + command.does());
    }

    private static void on(Node node, Supplier<String> text) {
        node.setAccessibleHelp(text.get());
        Hint.on(node, text);
    }
}
