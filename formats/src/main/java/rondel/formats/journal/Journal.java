package rondel.formats.journal;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import rondel.catalogue.WhatFollows;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.JobFile;
import rondel.formats.job.OperationJson;
import rondel.history.History;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.paint.PictureSource;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * What was done since a job was last saved, a line an edit, in a folder of its own: {@code base.rondel}, {@code edits.jsonl}
 * and the placed pictures. The folder is locked while its window lives; one that is there without a lock is left over from
 * a crash. Not safe on several threads at once: give it one.
 */
public final class Journal implements AutoCloseable {

    private static final String BASE = "base.rondel";
    private static final String EDITS = "edits.jsonl";
    private static final String LOCK = "lock";
    private static final String ORIGIN = "origin.txt";

    private final Path folder;
    private final FileChannel lockChannel;
    private final FileLock lock;
    private final FileChannel edits;
    private final OperationJson operations;
    private final ObjectMapper mapper = new ObjectMapper();

    private Journal(Path folder, FileChannel lockChannel, FileLock lock, FileChannel edits) {
        this.folder = folder;
        this.lockChannel = lockChannel;
        this.lock = lock;
        this.edits = edits;
        this.operations = new OperationJson(new JournalMedia(folder));
    }

    /** Starts a journal for a job as it is now.
     *
     * @param origin the file that the job came from, if any */
    public static Journal start(Path journals, Job job, Optional<Path> origin, PictureSource pictures) {
        Path folder = journals.resolve(UUID.randomUUID().toString());
        try {
            Files.createDirectories(folder);
            FileChannel lockChannel = open(folder.resolve(LOCK));
            FileLock lock = lockChannel.lock();
            JobFile.write(job, folder.resolve(BASE), pictures);
            Files.writeString(
                    folder.resolve(ORIGIN),
                    origin.map(p -> p.toAbsolutePath().toString()).orElse(""));
            return new Journal(folder, lockChannel, lock, open(folder.resolve(EDITS)));
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", folder, e.getMessage()), e);
        }
    }

    private static FileChannel open(Path file) throws IOException {
        return FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.APPEND);
    }

    public void done(Operation operation) {
        append(operations.write(operation));
    }

    public void undone() {
        append(JsonNodeFactory.instance.objectNode().put("step", "undo"));
    }

    public void redone() {
        append(JsonNodeFactory.instance.objectNode().put("step", "redo"));
    }

    private void append(ObjectNode line) {
        try {
            ByteBuffer bytes =
                    ByteBuffer.wrap((mapper.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
            while (bytes.hasRemaining()) {
                edits.write(bytes);
            }
            edits.force(false);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Ends the journal: all that it holds is saved, or was given up on purpose. */
    @Override
    public void close() {
        try {
            edits.close();
            lock.release();
            lockChannel.close();
            WholeFolder.delete(folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Unsaved work that a crash left behind.
     *
     * @param history what was done, undone steps included
     * @param origin the file that the job came from */
    public record Recovered(Path folder, History history, Optional<Path> origin) {

        public void discard() {
            try {
                WholeFolder.delete(folder);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** All journals without a living window that hold at least one edit; those that hold none are cleared away.
     *
     * @param unreadable hears a sentence about each that can't be played again; it stays where it is */
    public static List<Recovered> leftOver(Path journals, Consumer<String> unreadable) {
        if (!Files.isDirectory(journals)) {
            return List.of();
        }
        try (Stream<Path> folders = Files.list(journals)) {
            return folders.filter(Files::isDirectory)
                    .filter(Journal::isAbandoned)
                    .flatMap(f -> readable(f, unreadable).stream())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean isAbandoned(Path folder) {
        try (FileChannel channel = open(folder.resolve(LOCK));
                FileLock free = channel.tryLock()) {
            return free != null;
        } catch (OverlappingFileLockException e) {
            return false;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<Recovered> readable(Path folder, Consumer<String> unreadable) {
        try {
            return replay(folder);
        } catch (Refusal | UncheckedIOException e) {
            unreadable.accept(Words.of("journal.unreadable", folder, e.getMessage()));
            return Optional.empty();
        }
    }

    /** The last line may be cut short by the crash; everything before it counts. */
    private static Optional<Recovered> replay(Path folder) {
        try {
            if (!Files.exists(folder.resolve(EDITS)) || Files.size(folder.resolve(EDITS)) == 0) {
                WholeFolder.delete(folder);
                return Optional.empty();
            }
            History history = WhatFollows.editing().begin(JobFile.read(folder.resolve(BASE)));
            OperationJson operations = new OperationJson(new JournalMedia(folder));
            ObjectMapper mapper = new ObjectMapper();
            for (String line : Files.readAllLines(folder.resolve(EDITS))) {
                Optional<JsonNode> node = parsed(mapper, line);
                if (node.isEmpty()) {
                    break;
                }
                history = step(history, node.get(), operations);
            }
            String origin = Files.readString(folder.resolve(ORIGIN));
            return Optional.of(
                    new Recovered(folder, history, origin.isBlank() ? Optional.empty() : Optional.of(Path.of(origin))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static History step(History history, JsonNode node, OperationJson operations) {
        return switch (node.path("step").asText()) {
            case "undo" -> history.undo().orElse(history);
            case "redo" -> history.redo().orElse(history);
            default -> history.then(operations.read(node));
        };
    }

    private static Optional<JsonNode> parsed(ObjectMapper mapper, String line) {
        try {
            return Optional.of(mapper.readTree(line));
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            return Optional.empty();
        }
    }
}
