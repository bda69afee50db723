package rondel.desktop.files;

import java.nio.file.Path;
import java.util.function.Consumer;

/** The other windows of the program, each with a job of its own. */
public interface JobWindows {

    /** Has another window do something with the job that it will hold; false where there is only this one. */
    boolean another(Consumer<JobActions> with);

    /** Brings the window to the front that holds a file; false where none does. */
    boolean bringForward(Path file);

    /** A job was opened from a file, or saved in one. */
    void used(Path file, String title);

    /** A job was opened from a file: what is remembered of it holds again. */
    void opened(Path file);

    /** Closes this window, whose job is settled. */
    void close();

    /** Closes all windows, each after its job is settled. */
    void quit();

    /** A window that is alone, as in pictures and tests. */
    JobWindows NONE = new JobWindows() {
        @Override
        public boolean another(Consumer<JobActions> with) {
            return false;
        }

        @Override
        public boolean bringForward(Path file) {
            return false;
        }

        @Override
        public void used(Path file, String title) {
            // nobody keeps a list
        }

        @Override
        public void opened(Path file) {
            // nothing is remembered
        }

        @Override
        public void close() {
            // who made it closes it
        }

        @Override
        public void quit() {
            // who made it closes it
        }
    };
}
