package rondel.desktop.dialog;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.stage.Window;
import rondel.desktop.files.StatePictures;
import rondel.desktop.help.GuidePage;
import rondel.history.PastState;
import rondel.words.Words;

/** What was done, each edit with its name and a small picture of what came of it; one of them is gone back to, or forward again. */
public final class HistoryDialog {

    private static final double PICTURE = 56;
    private static final double WIDTH = 380;
    private static final double HEIGHT = 420;

    private final List<PastState> states;
    private final StatePictures pictures;

    public HistoryDialog(List<PastState> states, StatePictures pictures) {
        this.states = states;
        this.pictures = pictures;
    }

    /** Shows it and waits; nothing where one stays where one is. */
    public Optional<PastState> ask(Window owner) {
        ListView<PastState> list = new ListView<>();
        list.setId("states");
        list.setPrefSize(WIDTH, HEIGHT);
        list.setAccessibleText(Words.of("history.title"));
        list.getItems().setAll(states);
        list.setCellFactory(l -> new StateCell());
        states.stream().filter(s -> s.steps() == 0).findFirst().ifPresent(now -> {
            list.getSelectionModel().select(now);
            list.scrollTo(Math.max(0, states.indexOf(now) - 2));
        });
        Dialog<PastState> dialog = new Dialog<>();
        ButtonType go = new ButtonType(Words.of("history.go"), ButtonBar.ButtonData.OK_DONE);
        dialog.getDialogPane().setContent(list);
        dialog.getDialogPane().getButtonTypes().setAll(go, ButtonType.CANCEL);
        dialog.setResultConverter(b -> b == go ? list.getSelectionModel().getSelectedItem() : null);
        FormDialog.prepare(dialog, owner, Words.of("history.title"), GuidePage.KEPT);
        return dialog.showAndWait();
    }

    /** A state: its picture, and what made it. */
    private final class StateCell extends ListCell<PastState> {

        private final ImageView picture = new ImageView();
        private final Label name = new Label();
        private final HBox row;

        StateCell() {
            StackPane frame = new StackPane(picture);
            frame.setMinSize(PICTURE, PICTURE);
            frame.getStyleClass().add("version-frame");
            row = new HBox(10, frame, name);
            row.setAlignment(Pos.CENTER_LEFT);
        }

        @Override
        protected void updateItem(PastState state, boolean empty) {
            super.updateItem(state, empty);
            setGraphic(empty ? null : row);
            picture.setImage(null);
            if (!empty) {
                String label = state.label().orElse(Words.of("history.opened"));
                name.setText(
                        state.steps() == 0
                                ? Words.of("history.now", label)
                                : state.steps() > 0 ? Words.of("history.undone", label) : label);
                pictures.show(state, image -> {
                    if (getItem() == state) {
                        picture.setImage(image);
                    }
                });
            }
        }
    }
}
