package rondel.desktop.command;

import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;

/** A small button of a command, which tells its keys. */
public final class CommandButton {

    private CommandButton() {}

    public static Button of(Command command) {
        Button button = new Button(command.label());
        button.setId("tool-" + command.id());
        button.getStyleClass().add("small");
        button.setTooltip(new Tooltip(command.hint()));
        button.setOnAction(e -> command.run());
        return button;
    }
}
