package rondel.desktop.command;

import java.util.function.Consumer;
import rondel.desktop.compose.shelf.ShelfActions;
import rondel.formats.shelf.Thing;

/** Commands about the thing of the shelf that is picked there. */
final class ShelfCommands {

    private final Commands all;
    private final ShelfActions shelf;

    ShelfCommands(Commands all, ShelfActions shelf) {
        this.all = all;
        this.shelf = shelf;
    }

    void add() {
        thing("thingPlace", shelf::place);
        thing("thingsOfSet", shelf::showSet);
        thing("thingLike", shelf::turnFavourite);
        thing("thingDescribe", shelf::describe);
        thing("thingTakeOff", shelf::takeOff);
    }

    private void thing(String id, Consumer<Thing> action) {
        all.put(id, () -> shelf.picked().isPresent(), () -> shelf.picked().ifPresent(action));
    }
}
