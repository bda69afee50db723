package rondel.desktop.model;

import java.nio.file.Path;
import java.util.Optional;
import rondel.history.History;
import rondel.operation.Operation;

/** Hears of every edit, so that none is lost in a crash. */
public interface Recorder {

    Recorder NONE = new Recorder() {
        @Override
        public void opened(History history, Optional<Path> file) {}

        @Override
        public void done(Operation operation) {}

        @Override
        public void undone() {}

        @Override
        public void redone() {}
    };

    /** Another job is on the bench; its history may hold edits that are not in {@code file} yet. */
    void opened(History history, Optional<Path> file);

    void done(Operation operation);

    void undone();

    void redone();
}
