package rondel.desktop.lines;

import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.command.RoleCommands;
import rondel.desktop.field.RovingPane;
import rondel.job.Role;

/** Says how the selection is made, or all that has a look. */
final class RolesSection extends VBox {

    private static final double SAMPLE = 18;

    RolesSection(Commands commands) {
        super(10);
        FlowPane roles = new RovingPane(6, 6);
        for (Role role : Role.values()) {
            Button button = CommandButton.of(commands.get(RoleCommands.id(role)));
            Line sample = new Line(0, 0, SAMPLE, 0);
            sample.getStyleClass().setAll("role-line", "role-" + role);
            button.setGraphic(sample);
            roles.getChildren().add(button);
        }
        getChildren().addAll(roles, CommandButton.of(commands.get("rolesByLook")));
    }
}
