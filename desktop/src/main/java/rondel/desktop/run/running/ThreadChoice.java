package rondel.desktop.run.running;

import rondel.desktop.desk.Desk;
import rondel.desktop.desk.LibraryModel;
import rondel.formats.job.OwnLibrary;
import rondel.job.Rgba;
import rondel.run.stitch.SewingThread;
import rondel.words.ShippedNames;

/** The threads that there are: a chart that ships, and the person's own. */
public final class ThreadChoice extends LibraryModel<SewingThread> {

    public ThreadChoice(Desk desk, OwnLibrary<SewingThread> library) {
        super(desk, library);
    }

    /** What a colour is called: the thread of that colour, else the one that looks most like it. */
    public String name(Rgba colour) {
        return SewingThread.nearest(all(), colour)
                .map(SewingThread::name)
                .map(ShippedNames::shown)
                .orElse(colour.hex());
    }
}
