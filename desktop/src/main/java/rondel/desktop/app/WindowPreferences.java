package rondel.desktop.app;

import java.util.List;
import javafx.scene.control.MenuBar;
import rondel.desktop.command.Commands;
import rondel.desktop.command.Menus;
import rondel.desktop.desk.Desk;
import rondel.desktop.look.Theme;
import rondel.desktop.preferences.FolderChoice;
import rondel.desktop.preferences.OwnLists;
import rondel.desktop.preferences.PreferencesCard;
import rondel.desktop.sheet.SheetLook;
import rondel.devices.printer.PrinterScales;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.MaterialLibrary;
import rondel.formats.job.StockLibrary;
import rondel.formats.job.ThreadLibrary;
import rondel.formats.preferences.Preferences;

/** How a window follows what the person prefers, and where that is changed in it. */
final class WindowPreferences {

    private final BenchWindow window;
    private final Commands commands;
    private final MenuBar menus;
    private final Runnable unfollow;

    WindowPreferences(BenchWindow window, Desk desk, Commands commands, MenuBar menus, FolderChoice folders) {
        this.window = window;
        this.commands = commands;
        this.menus = menus;
        for (Theme t : Theme.values()) {
            commands.meaning("theme-" + t, () -> desk.preferred().change(p -> p.withTheme(t.preference())));
        }
        PreferencesCard card = new PreferencesCard(desk, commands, folders, lists(desk));
        commands.meaning("preferences", card::open);
        window.getChildren().add(card);
        unfollow = desk.preferred().follow(this::follow);
    }

    private static OwnLists lists(Desk desk) {
        return new OwnLists(
                desk,
                List.of(
                        new OwnLists.Of("materials", new MaterialLibrary(OwnFolders.materials())),
                        new OwnLists.Of("threads", new ThreadLibrary(OwnFolders.threads())),
                        new OwnLists.Of("stocks", new StockLibrary(OwnFolders.stocks())),
                        new OwnLists.Of("printers", new PrinterScales(OwnFolders.printers()))));
    }

    private void follow(Preferences p) {
        window.appearance().show(Theme.named(p.theme()));
        window.appearance().move(p.motion());
        window.sheet().show(window.sheet().looks().with(SheetLook.Ground.named(p.ground())));
        commands.keys().choose(p.keys());
        Menus.rekey(menus.getMenus());
    }

    void close() {
        unfollow.run();
    }
}
