package rondel.desktop.desk;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import rondel.formats.job.OwnLibrary;

/** What can be chosen from a library of the person's, as stocks or threads: what ships with the program and what they have added, which is read and kept
 *  in the background. */
public class LibraryModel<T extends Record> {

    private final Desk desk;
    private final OwnLibrary<T> library;
    private List<T> known;

    public LibraryModel(Desk desk, OwnLibrary<T> library) {
        this.desk = desk;
        this.library = library;
        this.known = library.shipped();
    }

    /** Those that are known by now. */
    public List<T> all() {
        return known;
    }

    /** Reads the person's own again.
     *
     * @param then hears of all when they are there */
    public final void read(Consumer<List<T>> then) {
        work(library::all, then);
    }

    /** Keeps one as the person's own, in the place of an older one of its name. */
    public final void keep(T one, Consumer<List<T>> then) {
        work(
                () -> {
                    library.put(one);
                    return library.all();
                },
                then);
    }

    private void work(Callable<List<T>> work, Consumer<List<T>> then) {
        desk.workers()
                .file(
                        work,
                        all -> {
                            known = all;
                            then.accept(all);
                        },
                        desk.notices()::failed,
                        () -> {});
    }
}
