package rondel.formats.job;

import java.nio.file.Path;
import rondel.run.stitch.SewingThread;
import rondel.run.stitch.ShippedThreads;

/** The threads that a person has, beside a chart that ships. */
public final class ThreadLibrary extends OwnLibrary<SewingThread> {

    /** @param file that they are kept in; it need not be there yet */
    public ThreadLibrary(Path file) {
        super(file, SewingThread.class, ShippedThreads.ALL, SewingThread::name, "thread.");
    }
}
