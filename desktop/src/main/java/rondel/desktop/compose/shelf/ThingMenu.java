package rondel.desktop.compose.shelf;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import rondel.formats.shelf.Thing;
import rondel.words.Words;

/** What a right click on a thing of the shelf offers, or the key for menus. */
final class ThingMenu {

    private final ShelfModel model;
    private final ShelfActions actions;
    private final ShelfView.Taking taking;
    private final ContextMenu menu = new ContextMenu();

    ThingMenu(ShelfModel model, ShelfActions actions, ShelfView.Taking taking) {
        this.model = model;
        this.actions = actions;
        this.taking = taking;
    }

    void show(Thing thing, Node near, double x, double y) {
        menu.getItems()
                .setAll(
                        item("shelf.place", () -> taking.placed(thing)),
                        item("shelf.others", () -> {
                            model.words("");
                            model.set(Optional.of(thing.set()));
                        }),
                        new SeparatorMenuItem(),
                        item(
                                thing.favourite() ? "shelf.unfavour" : "shelf.favour",
                                () -> actions.describe(thing, thing.withFavourite(!thing.favourite()))),
                        item("shelf.describe", () -> actions.describe(thing)),
                        item("shelf.takeOff", () -> actions.takeOff(thing)));
        menu.show(near, x, y);
    }

    private static MenuItem item(String key, Runnable action) {
        MenuItem item = new MenuItem(Words.of(key));
        item.setId(key.replace('.', '-'));
        item.setOnAction(e -> action.run());
        return item;
    }
}
