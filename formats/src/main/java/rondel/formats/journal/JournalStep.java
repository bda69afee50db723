package rondel.formats.journal;

import java.nio.file.Path;
import rondel.operation.Operation;

/** What a journal tells of. */
public sealed interface JournalStep {

    record Edit(Operation operation) implements JournalStep {}

    record Undo() implements JournalStep {}

    record Redo() implements JournalStep {}

    /** All up to here is in a file. */
    record Saved(Path file) implements JournalStep {}
}
