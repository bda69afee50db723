package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;
import rondel.formats.files.AtomicFile;
import rondel.words.Refusal;
import rondel.words.Words;

/** Things that a person has by their names, in a small JSON file that they may edit, beside those that ship. Safe on any thread. */
public abstract class OwnLibrary<T extends Record> {

    /** Made when a file is first read or written: libraries are there from the start of the window. */
    private static final class Json {
        static final ObjectMapper TREE = new ObjectMapper();
        static final JobMapper THINGS = JobMapper.ofOperations(MediaStore.inline());
    }

    private final Path file;

    private final Class<T> type;
    private final List<T> shipped;
    private final Function<T, String> name;
    private final String words;

    /** @param file that they are kept in; it need not be there yet
     *  @param words how the keys of the sentences about them begin, with their dot */
    protected OwnLibrary(Path file, Class<T> type, List<T> shipped, Function<T, String> name, String words) {
        this.file = file;
        this.type = type;
        this.shipped = shipped;
        this.name = name;
        this.words = words;
    }

    /** Everything: those that ship, then the person's own.
     *
     * @throws Refusal if the file is there and can't be read */
    public synchronized List<T> all() {
        return Stream.concat(shipped.stream(), own().stream()).toList();
    }

    /** The names of the person's own.
     *
     * @throws Refusal if the file is there and can't be read */
    public synchronized List<String> ownNames() {
        return own().stream().map(name).toList();
    }

    /** One by its name, in whatever case.
     *
     * @throws Refusal if there is none */
    public T named(String wanted) {
        return all().stream()
                .filter(s -> same(s, wanted))
                .findFirst()
                .orElseThrow(() -> Refusal.of(words + "none", wanted));
    }

    private boolean same(T one, String wanted) {
        return name.apply(one).toLowerCase(Locale.ROOT).equals(wanted.strip().toLowerCase(Locale.ROOT));
    }

    /** Keeps one.
     *
     * @throws Refusal if one is called so already */
    public synchronized void add(T one) {
        if (all().stream().anyMatch(s -> same(s, name.apply(one)))) {
            throw Refusal.of(words + "twice", name.apply(one));
        }
        List<T> next = new ArrayList<>(own());
        next.add(one);
        write(next);
    }

    /** Keeps one, in the place of one of the person's own that is called so.
     *
     * @throws Refusal if one that ships is called so */
    public synchronized void put(T one) {
        if (shipped.stream().anyMatch(s -> same(s, name.apply(one)))) {
            throw Refusal.of(words + "twice", name.apply(one));
        }
        List<T> next = new ArrayList<>(own());
        next.removeIf(s -> same(s, name.apply(one)));
        next.add(one);
        write(next);
    }

    /** Those that ship. */
    public List<T> shipped() {
        return shipped;
    }

    /** Takes one of the person's own off the list.
     *
     * @throws Refusal if there is none like it, or it ships */
    public synchronized void remove(String wanted) {
        T one = named(wanted);
        if (shipped.contains(one)) {
            throw Refusal.of(words + "shipped", name.apply(one));
        }
        write(own().stream().filter(s -> !same(s, wanted)).toList());
    }

    private List<T> own() {
        if (!Files.isRegularFile(file)) {
            return List.of();
        }
        try {
            JsonNode root = Json.TREE.readTree(Files.readAllBytes(file));
            List<T> found = new ArrayList<>();
            root.forEach(node -> found.add(Json.THINGS.read(node, type)));
            return found;
        } catch (BadJson e) {
            throw new Refusal(Words.of(words + "damaged", file, e.field()), e);
        } catch (JsonProcessingException e) {
            throw new Refusal(Words.of(words + "damaged", file, e.getOriginalMessage()), e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    private void write(List<T> next) {
        ArrayNode array = JsonNodeFactory.instance.arrayNode();
        next.forEach(s -> array.add(json(s)));
        try {
            byte[] bytes = Json.TREE.writerWithDefaultPrettyPrinter().writeValueAsBytes(array);
            Files.createDirectories(file.toAbsolutePath().getParent());
            AtomicFile.write(file, out -> out.write(bytes));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** One as JSON, as the file has it. */
    public JsonNode json(T one) {
        return Json.THINGS.write(one);
    }
}
