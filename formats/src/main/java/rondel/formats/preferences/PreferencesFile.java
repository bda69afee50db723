package rondel.formats.preferences;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.slf4j.LoggerFactory;
import rondel.formats.files.AtomicFile;
import rondel.words.Words;

/** A person's preferences as readable JSON. A file that can't be read is put aside, and said so, and they are begun anew. Safe on any thread. */
public final class PreferencesFile {

    /** Made when a file is there: most first starts have none, and each start waits for it. */
    private static final class Json {
        static final ObjectMapper MAPPER = new ObjectMapper();
    }

    private final Path file;

    /** @param file that they are kept in; it need not be there yet */
    public PreferencesFile(Path file) {
        this.file = file;
    }

    /** What was read.
     *
     * @param notice the sentence on what was put aside */
    public record Read(Preferences preferences, Optional<String> notice) {}

    public synchronized Read read() {
        if (!Files.isRegularFile(file)) {
            return new Read(Preferences.USUAL, Optional.empty());
        }
        try {
            return new Read(Json.MAPPER.readValue(Files.readAllBytes(file), Preferences.class), Optional.empty());
        } catch (JsonProcessingException e) {
            return new Read(Preferences.USUAL, Optional.of(Words.of("prefs.broken", aside())));
        } catch (IOException e) {
            // The program starts without them; they stay as they are for whoever may read them.
            return new Read(Preferences.USUAL, Optional.of(Words.of("file.notRead", file, e.getMessage())));
        }
    }

    /** What can be read of them without putting anything aside; nothing where there is no such file. */
    public synchronized Optional<Preferences> peek() {
        try {
            return Files.isRegularFile(file)
                    ? Optional.of(Json.MAPPER.readValue(Files.readAllBytes(file), Preferences.class))
                    : Optional.empty();
        } catch (IOException e) {
            LoggerFactory.getLogger(PreferencesFile.class).debug("not read: {}", file, e);
            return Optional.empty();
        }
    }

    /** Where what can't be read is kept. */
    private Path aside() {
        Path to = file.resolveSibling(file.getFileName() + ".broken");
        try {
            Files.move(file, to, StandardCopyOption.REPLACE_EXISTING);
            return to;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Changes them on disk. */
    public synchronized Preferences change(UnaryOperator<Preferences> change) {
        Preferences after = change.apply(read().preferences());
        try {
            byte[] json = Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(after);
            Files.createDirectories(file.toAbsolutePath().getParent());
            AtomicFile.write(file, out -> out.write(json));
            return after;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
