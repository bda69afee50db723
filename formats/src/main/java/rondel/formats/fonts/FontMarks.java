package rondel.formats.fonts;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.LoggerFactory;
import rondel.formats.files.AtomicFile;

/** Families that the person likes, and those used last, the last first.
 *
 * @param favourites by name
 * @param recent by name */
public record FontMarks(List<String> favourites, List<String> recent) {

    public static final FontMarks NONE = new FontMarks(List.of(), List.of());

    private static final int KEPT = 12;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    public FontMarks {
        favourites = favourites == null ? List.of() : List.copyOf(favourites);
        recent = recent == null ? List.of() : List.copyOf(recent);
    }

    public FontMarks withFavourite(String family, boolean on) {
        List<String> next = new ArrayList<>(favourites);
        next.remove(family);
        if (on) {
            next.add(family);
        }
        return new FontMarks(next, recent);
    }

    public FontMarks used(String family) {
        List<String> next = new ArrayList<>(recent);
        next.remove(family);
        next.addFirst(family);
        return new FontMarks(favourites, next.subList(0, Math.min(KEPT, next.size())));
    }

    /** What was kept; nothing where there is no such file, or none that can be read. */
    static FontMarks read(Path file) {
        if (!Files.isRegularFile(file)) {
            return NONE;
        }
        try {
            return MAPPER.readValue(Files.readAllBytes(file), FontMarks.class);
        } catch (IOException e) {
            LoggerFactory.getLogger(FontMarks.class).warn("left out: {}", file, e);
            return NONE;
        }
    }

    void write(Path file) {
        try {
            byte[] json = MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(this);
            Files.createDirectories(file.toAbsolutePath().getParent());
            AtomicFile.write(file, out -> out.write(json));
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
