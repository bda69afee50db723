package rondel.desktop.dialog;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.stage.Window;
import rondel.desktop.field.RovingPane;
import rondel.desktop.help.GuidePage;
import rondel.words.Words;

/** Shows the sheet with each alternative of a try-out, side by side; a click chooses one. */
public final class SideBySideDialog {

    private final List<Image> pictures;
    private final int shown;
    private int chosen = -1;

    /** @param shown which is shown on the sheet now */
    public SideBySideDialog(List<Image> pictures, int shown) {
        this.pictures = pictures;
        this.shown = shown;
    }

    /** Shows it and waits; nothing where none was chosen. */
    public Optional<Integer> ask(Window owner) {
        Dialog<ButtonType> dialog = new Dialog<>();
        FlowPane all = new RovingPane(12, 12);
        all.setPrefWrapLength(3 * 300.0);
        all.getStyleClass().add("side-by-side");
        for (int i = 0; i < pictures.size(); i++) {
            int number = i;
            Button button = new Button();
            button.setId("alternative-" + i);
            button.setGraphic(new ImageView(pictures.get(i)));
            button.getStyleClass().add(i == shown ? "alternative-shown" : "alternative");
            button.setAccessibleText(Words.of("tryout.alternative", i + 1));
            button.setOnAction(e -> {
                chosen = number;
                dialog.close();
            });
            all.getChildren().add(button);
        }
        dialog.getDialogPane().setContent(all);
        dialog.getDialogPane().getButtonTypes().setAll(ButtonType.CANCEL);
        FormDialog.prepare(dialog, owner, Words.of("tryout.heading"), GuidePage.COMPOSE);
        dialog.showAndWait();
        return chosen < 0 ? Optional.empty() : Optional.of(chosen);
    }
}
