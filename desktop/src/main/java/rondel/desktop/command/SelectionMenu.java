package rondel.desktop.command;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import rondel.desktop.desk.Desk;
import rondel.job.Element;

/** The menu that opens on a thing of the sheet, on its card in the stack, or on empty paper: what goes with what is held. */
public final class SelectionMenu {

    private SelectionMenu() {}

    public static void on(Node place, Desk desk, Commands commands) {
        ContextMenu menu = new ContextMenu();
        place.setOnContextMenuRequested(e -> {
            List<Element> held =
                    desk.bench().selected().stream().map(l -> l.element()).toList();
            Menus.show(
                    menu,
                    commands,
                    HandTable.onThing(held),
                    desk.notices()::refuse,
                    place,
                    e.getScreenX(),
                    e.getScreenY());
        });
    }
}
