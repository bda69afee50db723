package rondel.desktop.run.running;

import java.util.List;
import java.util.function.Consumer;
import rondel.desktop.desk.Desk;
import rondel.formats.job.ThreadLibrary;
import rondel.job.Rgba;
import rondel.run.stitch.SewingThread;
import rondel.run.stitch.ShippedThreads;
import rondel.words.ShippedNames;

/** The threads that there are: a chart that ships, and the person's own, which are read and kept in the background. */
public final class ThreadChoice {

    private final Desk desk;
    private final ThreadLibrary library;
    private List<SewingThread> known = ShippedThreads.ALL;

    public ThreadChoice(Desk desk, ThreadLibrary library) {
        this.desk = desk;
        this.library = library;
    }

    /** Those that are known by now. */
    public List<SewingThread> all() {
        return known;
    }

    /** What a colour is called: the thread of that colour, else the one that looks most like it. */
    public String name(Rgba colour) {
        return SewingThread.nearest(known, colour)
                .map(SewingThread::name)
                .map(ShippedNames::shown)
                .orElse(colour.hex());
    }

    /** Reads the person's list again. */
    public void read(Consumer<List<SewingThread>> then) {
        work(library::all, then);
    }

    /** Keeps a thread in the person's list. */
    public void keep(SewingThread thread, Consumer<List<SewingThread>> then) {
        work(
                () -> {
                    library.add(thread);
                    return library.all();
                },
                then);
    }

    private void work(java.util.concurrent.Callable<List<SewingThread>> work, Consumer<List<SewingThread>> then) {
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
