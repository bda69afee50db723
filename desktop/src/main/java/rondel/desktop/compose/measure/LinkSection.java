package rondel.desktop.compose.measure;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import rondel.desktop.command.Command;
import rondel.desktop.command.CommandButton;
import rondel.desktop.desk.Desk;
import rondel.words.Words;

/** Says that what is selected is kept alike with others, and lets it go its own way. */
final class LinkSection extends HBox {

    private final Desk desk;
    private final Label told = new Label();

    LinkSection(Desk desk, Command unlink) {
        super(8);
        this.desk = desk;
        setAlignment(Pos.CENTER_LEFT);
        told.setId("alike");
        Button button = CommandButton.of(unlink);
        button.setId("do-unlink");
        getChildren().addAll(told, button);
    }

    /** @param others how many are kept alike with what is selected */
    void show(int others) {
        setVisible(others > 0);
        setManaged(others > 0);
        told.setText(Words.of("measure.alike", others));
    }
}
