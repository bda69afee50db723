package rondel.desktop.app;

import javafx.scene.control.ContextMenu;
import rondel.desktop.command.Commands;
import rondel.desktop.command.HandTable;
import rondel.desktop.command.Menus;
import rondel.desktop.desk.Desk;
import rondel.desktop.sheet.SheetView;

/** The menu that opens on a thing of the sheet, or on empty paper: what goes with it. */
final class SheetMenu {

    private SheetMenu() {}

    static void on(SheetView sheet, Desk desk, Commands commands) {
        ContextMenu menu = new ContextMenu();
        sheet.setOnContextMenuRequested(e -> {
            menu.getItems()
                    .setAll(Menus.items(
                            commands,
                            HandTable.onThing(desk.bench().selected().stream()
                                    .map(l -> l.element())
                                    .toList()),
                            desk.notices()::refuse));
            Menus.refresh(menu.getItems());
            menu.show(sheet, e.getScreenX(), e.getScreenY());
        });
    }
}
