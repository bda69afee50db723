package rondel.desktop.run;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import rondel.desktop.command.CommandButton;
import rondel.desktop.command.Commands;
import rondel.desktop.field.RovingPane;
import rondel.desktop.run.running.RunActions;
import rondel.words.Decimals;
import rondel.words.Words;

/** Print and cut: the print found again on a picture of what is loaded. */
final class RegistrationSection extends VBox {

    RegistrationSection(RunActions actions, Commands commands) {
        super(8);
        Label state = new Label();
        state.setId("run-registered");
        state.setWrapText(true);
        state.getStyleClass().add("quiet");
        Button forget = new Button(Words.of("run.forgetScan"));
        forget.setId("run-forget-scan");
        forget.setOnAction(e -> actions.forgetScan());
        forget.managedProperty().bind(forget.visibleProperty());
        getChildren().addAll(state, new RovingPane(6, 6, CommandButton.of(commands.get("scanMarks")), forget));
        actions.model().onChange(() -> {
            forget.setVisible(actions.model().registration().isPresent());
            state.setText(actions.model()
                    .registration()
                    .map(r -> Words.of("run.registered", Decimals.of(r.residual(), 3)))
                    .orElse(Words.of(actions.model().hasMarks() ? "run.notRegistered" : "register.noMarks")));
        });
        forget.setVisible(false);
    }
}
