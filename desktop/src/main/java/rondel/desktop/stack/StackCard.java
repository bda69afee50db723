package rondel.desktop.stack;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Lock;
import rondel.desktop.desk.Desk;
import rondel.desktop.look.Hint;
import rondel.desktop.look.NameLabel;
import rondel.desktop.sheet.SheetScene;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Role;
import rondel.operation.Targets;
import rondel.units.LengthFormat;
import rondel.words.Words;

/** One element of the stack: its picture, name, size and role; a group can be opened, locked and hidden ones released. */
final class StackCard extends ListCell<Element> {

    private static final double PICTURE = 46;

    private final Desk desk;
    private final Thumbnails thumbnails;
    private final ImageView picture = new ImageView();
    private final Label name = new NameLabel();
    private final Label size = new Label();
    private final Label note = new Label();
    private final Button open = new Button();
    private final HBox card;
    private ElementId shown = new ElementId("");

    StackCard(Desk desk, Thumbnails thumbnails) {
        this.desk = desk;
        this.thumbnails = thumbnails;
        picture.setFitWidth(PICTURE);
        picture.setFitHeight(PICTURE);
        picture.setPreserveRatio(true);
        StackPane frame = new StackPane(picture);
        frame.getStyleClass().add("card-picture");
        name.getStyleClass().add("card-name");
        size.getStyleClass().add("quiet");
        note.getStyleClass().add("card-note");
        open.getStyleClass().addAll("small", "card-open");
        // By keyboard, Enter on the card opens it, and there are commands that show and unlock.
        open.setFocusTraversable(false);
        VBox words = new VBox(1, name, size, new HBox(6, note, open));
        words.getStyleClass().add("card-words");
        card = new HBox(8, frame, words);
        card.getStyleClass().add("card");
        Hint.on(this, () -> getItem() == null ? "" : Targets.display(getItem()));
        setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && getItem() instanceof GroupElement g) {
                desk.bench().stepInto(g.id());
            }
        });
    }

    @Override
    protected void updateItem(Element e, boolean empty) {
        super.updateItem(e, empty);
        setText(null);
        if (empty || e == null) {
            setGraphic(null);
            return;
        }
        name.setText(Targets.display(e));
        setAccessibleText(Targets.display(e));
        note.setText(e.role() == Role.PRINT ? "" : Words.of("role." + e.role().name()));
        note.setManaged(e.role() != Role.PRINT);
        note.setVisible(e.role() != Role.PRINT);
        card.setOpacity(e.hidden() ? 0.5 : 1);
        button(e);
        if (!e.id().equals(shown)) {
            picture.setImage(null);
            size.setText("");
        }
        shown = e.id();
        SheetScene scene = SheetScene.of(desk.bench().job(), desk.bench().sheet());
        thumbnails.of(scene, e, desk.bench().levelToSheet(), 2 * PICTURE, look -> {
            if (getItem() == e) {
                picture.setImage(look.image());
                size.setText(LengthFormat.size(
                        look.width(), look.height(), desk.bench().job().unit()));
            }
        });
        setGraphic(card);
    }

    private void button(Element e) {
        open.setManaged(true);
        open.setVisible(true);
        if (e.hidden()) {
            open.setText(Words.of("stack.show"));
            open.setOnAction(a -> desk.perform(new Hide(List.of(e.id()), false)));
        } else if (e.locked()) {
            open.setText(Words.of("stack.unlock"));
            open.setOnAction(a -> desk.perform(new Lock(List.of(e.id()), false)));
        } else if (e instanceof GroupElement g) {
            open.setText(Words.of("stack.open", g.children().size()));
            open.setOnAction(a -> desk.bench().stepInto(g.id()));
        } else {
            open.setManaged(false);
            open.setVisible(false);
        }
    }
}
