package rondel.desktop.model;

import java.nio.file.Path;
import java.util.Optional;
import rondel.history.History;
import rondel.job.Job;
import rondel.operation.Operation;

/** Hears of every edit, so that none is lost in a crash. */
public interface Recorder {

    Recorder NONE = new Recorder() {
        @Override
        public void opened(History history, Optional<Path> file) {}

        @Override
        public void done(Operation operation) {}

        @Override
        public void undone(Job after) {}

        @Override
        public void redone(Job after) {}

        @Override
        public void saved(Job job, Path file) {}

        @Override
        public void awaitKept() {}
    };

    /** Another job is on the bench; its history may hold edits that are not in {@code file} yet. */
    void opened(History history, Optional<Path> file);

    void done(Operation operation);

    /** @param after the job as it is now */
    void undone(Job after);

    /** @param after the job as it is now */
    void redone(Job after);

    /** @param job what a file holds now: one of the jobs that the history has had */
    void saved(Job job, Path file);

    /** Waits, for a moment at most, until what it has heard of is kept. Called before the next edit is worked out, on the thread that does so: it may
     *  end the program, as where a font brings down what shapes its letters. */
    void awaitKept();
}
