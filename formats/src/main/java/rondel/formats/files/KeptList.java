package rondel.formats.files;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.slf4j.LoggerFactory;

/** What the program remembers for its own convenience: the newest first, so many at most, in a small JSON file. What is damaged is begun anew: nothing in it is
 *  anybody's work. Safe on any thread. */
public final class KeptList<T extends Record> {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Path file;
    private final Class<T[]> type;
    private final int most;

    /** @param file that they are kept in, which need not be there yet */
    public KeptList(Path file, Class<T[]> type, int most) {
        this.file = file;
        this.type = type;
        this.most = most;
    }

    public synchronized List<T> all() {
        if (!Files.isRegularFile(file)) {
            return List.of();
        }
        try {
            return List.of(MAPPER.readValue(Files.readAllBytes(file), type));
        } catch (IOException e) {
            LoggerFactory.getLogger(KeptList.class).warn("left out: {}", file, e);
            return List.of();
        }
    }

    /** Puts one first.
     *
     * @param old those that it stands in for */
    public synchronized void add(T one, Predicate<T> old) {
        List<T> next = new ArrayList<>(List.of(one));
        all().stream().filter(old.negate()).forEach(next::add);
        try {
            byte[] json = MAPPER.writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(next.subList(0, Math.min(most, next.size())));
            Files.createDirectories(file.toAbsolutePath().getParent());
            AtomicFile.write(file, out -> out.write(json));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
