package rondel.desktop.look;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A card over the whole window: a press beside it closes it, and the focus goes back where it was. Keys
 * that it has no use for do nothing to the sheet beneath. */
@SuppressWarnings("this-escape") // what hears of it hears only once it is made
public abstract class ModalCard extends StackPane {

    private Optional<Node> before = Optional.empty();

    protected ModalCard(String id, Pos place) {
        setId(id);
        getStyleClass().add("ask");
        setAlignment(place);
        setOnMousePressed(e -> {
            if (e.getTarget() == this) {
                close();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() != KeyCode.F1) { // helps wherever one is
                e.consume();
            }
        });
        setVisible(false);
        managedProperty().bind(visibleProperty());
    }

    /** Puts what it holds into the card.
     *
     * @param wide the card's width in px */
    protected final VBox hold(double wide, Node... content) {
        VBox card = new VBox(8, content);
        card.getStyleClass().add("ask-card");
        card.setMaxSize(wide, Region.USE_PREF_SIZE);
        getChildren().setAll(card);
        return card;
    }

    /** Has Escape close it, whatever in it has the keyboard. */
    protected final void escapeCloses() {
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    /** @param first what has the focus then */
    protected final void show(Node first) {
        before = Optional.ofNullable(getScene()).map(s -> s.getFocusOwner());
        setVisible(true);
        applyCss(); // what is in a scroll pane is in the scene only then, and can't have the focus before
        first.requestFocus();
    }

    public final void close() {
        setVisible(false);
        before.ifPresent(Node::requestFocus);
    }
}
