package rondel.formats.journal;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import rondel.formats.files.WholeFolder;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.job.JobFile;
import rondel.formats.job.OperationJson;
import rondel.history.History;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** Unsaved work that a crash left behind, played again as far as it is sure.
 *
 * @param history what was done, undone steps included
 * @param origin the file that the job was last read from or saved in
 * @param edits steps since then
 * @param lost lines beyond those that are sure */
public record LeftOver(Path folder, History history, Optional<Path> origin, int edits, int lost) {

    /** All journals without a living window that hold anything unsaved; those that hold nothing are cleared away.
     *
     * @param unreadable hears a sentence about each that can't be played again; it stays where it is */
    public static List<LeftOver> in(Path journals, Consumer<String> unreadable) {
        if (!Files.isDirectory(journals)) {
            return List.of();
        }
        try (Stream<Path> folders = Files.list(journals)) {
            return folders.filter(Files::isDirectory)
                    .filter(f -> !f.getFileName().toString().equals(LetGo.FOLDER))
                    .flatMap(f -> readable(new JournalFolder(f), unreadable).stream())
                    .toList();
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", journals, e.getMessage()), e);
        }
    }

    /** It has been taken up. */
    public void discard() {
        try {
            WholeFolder.delete(folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<LeftOver> readable(JournalFolder folder, Consumer<String> unreadable) {
        try {
            return folder.isAbandoned() ? replayed(folder) : Optional.empty();
        } catch (IOException | RuntimeException e) {
            unreadable.accept(Words.of("journal.unreadable", folder.folder(), e.getMessage()));
            return Optional.empty();
        }
    }

    private static Optional<LeftOver> replayed(JournalFolder folder) throws IOException {
        List<String> lines = Files.exists(folder.edits())
                ? new String(Files.readAllBytes(folder.edits()), StandardCharsets.UTF_8)
                        .lines()
                        .toList()
                : List.of();
        Optional<JsonNode> head = lines.stream().findFirst().flatMap(l -> content(l, 0));
        if (head.isEmpty()) {
            WholeFolder.delete(folder.folder());
            return Optional.empty();
        }
        Job base = JobFile.read(folder.base());
        if (!head.get().path("base").asText().equals(folder.baseHash())) {
            throw Refusal.of("journal.otherBase");
        }
        Replay replay = new Replay(folder, base, head.get().path("unsaved").asBoolean());
        int sure = 1;
        for (String line : lines.subList(1, lines.size())) {
            Optional<JsonNode> step = content(line, sure);
            if (step.isPresent() && !replay.play(step.get())) {
                break;
            }
            sure += step.isPresent() ? 1 : 0;
        }
        int lost = lines.size() - sure;
        if (replay.isSaved() && lost == 0) {
            WholeFolder.delete(folder.folder());
            return Optional.empty();
        }
        return Optional.of(new LeftOver(folder.folder(), replay.history, replay.origin(), replay.sinceSaved, lost));
    }

    /** The content of a line if it is whole and has the number that comes next. */
    private static Optional<JsonNode> content(String line, int number) {
        return JournalLine.parse(line).filter(l -> l.number() == number).flatMap(l -> {
            try {
                return Optional.of(new ObjectMapper().readTree(l.json()));
            } catch (JsonProcessingException e) {
                return Optional.empty();
            }
        });
    }

    /** A journal being played. */
    private static final class Replay {
        private final JournalFolder folder;
        private final OperationJson operations;
        private History history;
        private Optional<Job> saved;
        private Optional<Path> savedAs = Optional.empty();
        private int sinceSaved;

        Replay(JournalFolder folder, Job base, boolean unsaved) {
            this.folder = folder;
            this.operations = new OperationJson(new JournalMedia(folder.folder()));
            this.history = UsualEditing.editing().begin(base);
            this.saved = unsaved ? Optional.empty() : Optional.of(base);
        }

        /** @return whether the step could be made */
        boolean play(JsonNode step) {
            try {
                sinceSaved++;
                switch (step.path("step").asText()) {
                    case "undo" -> history = history.undo().orElseThrow(() -> Refusal.of("journal.otherBase"));
                    case "redo" -> history = history.redo().orElseThrow(() -> Refusal.of("journal.otherBase"));
                    case "saved" -> {
                        saved = Optional.of(history.job());
                        savedAs = Optional.of(Path.of(step.path("file").asText()));
                        sinceSaved = 0;
                    }
                    default -> history = history.then(operations.read(step));
                }
                return true;
            } catch (RuntimeException e) {
                org.slf4j.LoggerFactory.getLogger(LeftOver.class).warn("a step can't be played again", e);
                sinceSaved--;
                return false;
            }
        }

        boolean isSaved() {
            return saved.filter(s -> s == history.job()).isPresent();
        }

        Optional<Path> origin() throws IOException {
            if (savedAs.isPresent()) {
                return savedAs;
            }
            String origin = Files.exists(folder.origin()) ? Files.readString(folder.origin()) : "";
            return origin.isBlank() ? Optional.empty() : Optional.of(Path.of(origin));
        }
    }
}
