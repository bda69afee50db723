package rondel.desktop.command;

import java.util.function.Supplier;
import javafx.scene.control.Tooltip;

/** A tooltip that tells the keys that a command has when it is shown: they can be changed while the window is open. */
public final class CommandHint {

    private CommandHint() {}

    /** The command's name with its keys. */
    public static Tooltip of(Command command) {
        return of(command::hint);
    }

    /** With what it does, too. */
    public static Tooltip withWhatItDoes(Command command) {
        return of(() -> command.hint() + "\n" + command.does());
    }

    private static Tooltip of(Supplier<String> text) {
        Tooltip tooltip = new Tooltip(text.get());
        tooltip.setOnShowing(e -> tooltip.setText(text.get()));
        return tooltip;
    }
}
