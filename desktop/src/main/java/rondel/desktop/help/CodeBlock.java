package rondel.desktop.help;

import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import rondel.words.Words;

/** Commands or a recipe on a page of the guide: long lines go on in the next, and all of it can be copied as it is. */
final class CodeBlock extends HBox {

    CodeBlock(String code) {
        super(10);
        getStyleClass().add("guide-block");
        setAlignment(Pos.TOP_LEFT);
        Label text = new Label(code);
        text.setWrapText(true);
        text.setMinHeight(Region.USE_PREF_SIZE);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        Button copy = new Button(Words.of("guide.copy"));
        copy.getStyleClass().add("small");
        copy.setMinWidth(Region.USE_PREF_SIZE);
        copy.setOnAction(e -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, code + "\n")));
        getChildren().addAll(text, copy);
    }
}
