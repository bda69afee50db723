package rondel.desktop.command;

import javafx.scene.control.Button;

/** A small button of a command, which tells its keys. */
public final class CommandButton {

    private CommandButton() {}

    public static Button of(Command command) {
        Button button = new Button(command.label());
        button.setId("tool-" + command.id());
        button.getStyleClass().add("small");
        CommandHint.on(button, command);
        button.setOnAction(e -> command.run());
        return button;
    }
}
