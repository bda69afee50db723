package rondel.desktop.compose.shelf;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import rondel.formats.shelf.Thing;

/** A row of cards; the list has only as many as can be seen and shows other things in them as it scrolls. */
final class ShelfRow extends ListCell<List<Thing>> {

    /** As many cards as there is ever room for beside each other. */
    static final int MOST = 5;

    private final HBox row = new HBox(4);
    private final Consumer<ShelfCard> fill;

    /** @param dress gives a new card what it does
     *  @param fill brings the picture of a card's thing */
    ShelfRow(Consumer<ShelfCard> dress, Consumer<ShelfCard> fill) {
        this.fill = fill;
        getStyleClass().add("shelf-row");
        for (int i = 0; i < MOST; i++) {
            ShelfCard card = new ShelfCard();
            dress.accept(card);
            row.getChildren().add(card);
        }
    }

    @Override
    protected void updateItem(List<Thing> things, boolean empty) {
        super.updateItem(things, empty);
        setGraphic(empty ? null : row);
        for (int i = 0; i < MOST; i++) {
            ShelfCard card = (ShelfCard) row.getChildren().get(i);
            card.setManaged(!empty && i < things.size());
            Optional<Thing> thing = empty || i >= things.size() ? Optional.empty() : Optional.of(things.get(i));
            if (!card.thing().equals(thing) || card.picture().isEmpty()) {
                card.show(thing);
                thing.ifPresent(t -> fill.accept(card));
            }
        }
    }
}
