package rondel.formats.journal;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.JobFile;
import rondel.formats.job.OperationJson;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * What was done since a job was put on the bench, a line a step, in a folder of its own: {@code base.rondel}, {@code edits.jsonl}
 * and the placed pictures. The first line tells the base by its hash. The folder is locked while its window lives; one that is
 * there without a lock is left over from a crash. Not safe on several threads at once: give it one.
 */
final class Journal implements AutoCloseable {

    private final JournalFolder folder;
    private final FileChannel lockChannel;
    private final FileLock lock;
    private final JournalTape tape;
    private final OperationJson operations;
    private final ObjectMapper mapper = new ObjectMapper();
    private int lines;

    private Journal(JournalFolder folder, FileChannel lockChannel, FileLock lock, JournalTape tape) {
        this.folder = folder;
        this.lockChannel = lockChannel;
        this.lock = lock;
        this.tape = tape;
        this.operations = new OperationJson(new JournalMedia(folder.folder()));
    }

    /** Opens a tape on a file. */
    interface Tapes {
        JournalTape on(Path file) throws IOException;
    }

    /** Starts a journal for a job as it is now.
     *
     * @param origin the file that the job came from, if any
     * @param unsaved whether the job itself is more than that file holds
     * @throws IOException if there is no room for it; nothing of it stays */
    static Journal start(Path journals, Job job, Optional<Path> origin, boolean unsaved, Tapes tapes)
            throws IOException {
        JournalFolder folder =
                new JournalFolder(journals.resolve(UUID.randomUUID().toString()));
        FileChannel lockChannel = null;
        try {
            Files.createDirectories(folder.folder());
            lockChannel = FileChannel.open(folder.lock(), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = lockChannel.lock();
            AtomicFile.write(folder.base(), out -> JobFile.write(job, Optional.empty(), out));
            Files.writeString(
                    folder.origin(),
                    origin.map(p -> p.toAbsolutePath().toString()).orElse(""));
            Journal journal = new Journal(folder, lockChannel, lock, tapes.on(folder.edits()));
            journal.append(JsonNodeFactory.instance
                    .objectNode()
                    .put("base", folder.baseHash())
                    .put("unsaved", unsaved));
            return journal;
        } catch (IOException | RuntimeException e) {
            if (lockChannel != null) {
                lockChannel.close();
            }
            WholeFolder.delete(folder.folder());
            throw e;
        }
    }

    int lines() {
        return lines;
    }

    /** @throws IOException if it could not be written; the journal is as it was */
    void add(JournalStep step) throws IOException {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        append(
                switch (step) {
                    case JournalStep.Edit edit -> operations.write(edit.operation());
                    case JournalStep.Undo undo -> o.put("step", "undo");
                    case JournalStep.Redo redo -> o.put("step", "redo");
                    case JournalStep.Saved saved ->
                        o.put("step", "saved")
                                .put("file", saved.file().toAbsolutePath().toString());
                });
    }

    private void append(ObjectNode content) throws IOException {
        try {
            tape.append(new JournalLine(lines, mapper.writeValueAsString(content)).text());
            lines++;
        } catch (JsonProcessingException e) {
            throw new Refusal(Words.of("file.notWritten", folder.edits(), e.getMessage()), e);
        }
    }

    /** Ends the journal: all that it holds is saved, or was given up on purpose. */
    @Override
    public void close() {
        try {
            tape.close();
            lock.release();
            lockChannel.close();
            WholeFolder.delete(folder.folder());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
