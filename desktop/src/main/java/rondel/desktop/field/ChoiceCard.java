package rondel.desktop.field;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** One of several cards in a column, of which one is chosen: by the mouse, by Enter or space, and by the arrows, which go from card to card. */
@SuppressWarnings("this-escape") // its own listeners only
public class ChoiceCard extends VBox {

    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

    private final Runnable choose;

    /** @param said what it is called, for those who hear it
     *  @param choose what choosing it does */
    public ChoiceCard(String id, String said, Runnable choose) {
        super(3);
        this.choose = choose;
        setId(id);
        getStyleClass().add("pass-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_ITEM);
        setAccessibleText(said);
        setOnMousePressed(e -> take());
        setOnKeyPressed(e -> {
            boolean down = e.getCode() == KeyCode.DOWN;
            if (PressKey.is(e)) {
                choose.run();
                e.consume();
            } else if (down || e.getCode() == KeyCode.UP) {
                go(down ? 1 : -1);
                e.consume();
            }
        });
    }

    /** Says whether it is the one that is chosen. */
    public final void mark(boolean chosen) {
        pseudoClassStateChanged(CHOSEN, chosen);
    }

    private void take() {
        requestFocus();
        choose.run();
    }

    private void go(int step) {
        List<Node> all = getParent().getChildrenUnmodifiable();
        int at = all.indexOf(this) + step;
        if (at >= 0 && at < all.size() && all.get(at) instanceof ChoiceCard next) {
            next.take();
        }
    }
}
