package rondel.desktop.preferences;

import java.util.List;
import java.util.function.Consumer;
import rondel.desktop.desk.Desk;
import rondel.formats.job.OwnLibrary;

/** The person's own lists: materials, threads, stocks, what was measured of printers; read and changed in the background. */
public final class OwnLists {

    private final Desk desk;
    private final List<Of> all;

    /** One list.
     *
     * @param name in the bundle, under {@code prefs.list.} */
    public record Of(String name, OwnLibrary<?> library) {}

    public OwnLists(Desk desk, List<Of> all) {
        this.desk = desk;
        this.all = List.copyOf(all);
    }

    List<Of> all() {
        return all;
    }

    /** Reads what is the person's own of a list. */
    void read(Of list, Consumer<List<String>> then) {
        desk.workers().file(list.library::ownNames, then, desk.notices()::failed, () -> {});
    }

    /** Takes one off a list. */
    void takeOff(Of list, String name, Consumer<List<String>> then) {
        desk.workers()
                .file(
                        () -> {
                            list.library.remove(name);
                            return list.library.ownNames();
                        },
                        then,
                        desk.notices()::failed,
                        () -> {});
    }
}
