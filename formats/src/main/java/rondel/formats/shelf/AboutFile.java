package rondel.formats.shelf;

import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import rondel.formats.files.AtomicFile;
import rondel.job.Licence;
import rondel.job.Provenance;
import rondel.words.Refusal;
import rondel.words.Words;

/** The {@code about.json} in a folder of the shelf: what is told of each file there, by its name. A person can read it,
 *  change it and copy it with the folder. */
final class AboutFile {

    static final String NAME = "about.json";
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private AboutFile() {}

    /** What is told of the files in a folder; a file that nothing is told of is not in it.
     *
     * @param set the folder's path within the shelf
     * @throws Refusal if the file is there but is not what it should be */
    static Map<String, Thing> read(Path folder, String set) {
        Path file = folder.resolve(NAME);
        Map<String, Thing> things = new HashMap<>();
        if (!Files.isRegularFile(file)) {
            return things;
        }
        try {
            JsonNode root = MAPPER.readTree(Files.readAllBytes(file));
            root.path("things").properties().forEach(e -> {
                String path = set.isEmpty() ? e.getKey() : set + "/" + e.getKey();
                things.put(e.getKey(), thing(path, e.getValue()));
            });
            return things;
        } catch (IOException e) {
            throw new Refusal(Words.of("shelf.badAbout", file), e);
        }
    }

    private static Thing thing(String path, JsonNode node) {
        Thing plain = Thing.plain(path);
        List<String> tags = new ArrayList<>();
        node.path("tags").forEach(t -> tags.add(t.asText()));
        Optional<Provenance> provenance = node.has("licence")
                ? Optional.of(new Provenance(
                        node.path("source").asText(),
                        node.path("author").asText(),
                        licence(node.path("licence").asText())))
                : Optional.empty();
        return new Thing(
                path,
                node.path("title").asText(plain.title()),
                tags,
                node.path("favourite").asBoolean(),
                provenance);
    }

    /** A word that is none of ours says nothing that can be relied on. */
    static Licence licence(String word) {
        for (Licence licence : Licence.values()) {
            if (word(licence).equals(word)) {
                return licence;
            }
        }
        return Licence.UNKNOWN;
    }

    static String word(Licence licence) {
        return licence.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static void write(Path folder, Map<String, Thing> things) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        ObjectNode all = root.putObject("things");
        new TreeMap<>(things).forEach((name, thing) -> all.set(name, json(thing)));
        DefaultPrettyPrinter lines = new DefaultPrettyPrinter();
        lines.indentArraysWith(DefaultPrettyPrinter.FixedSpaceIndenter.instance);
        lines.indentObjectsWith(DefaultIndenter.SYSTEM_LINEFEED_INSTANCE);
        AtomicFile.write(
                folder.resolve(NAME), out -> out.write(MAPPER.writer(lines).writeValueAsBytes(root)));
    }

    private static ObjectNode json(Thing thing) {
        ObjectNode o = JsonNodeFactory.instance.objectNode().put("title", thing.title());
        if (!thing.tags().isEmpty()) {
            ArrayNode tags = o.putArray("tags");
            thing.tags().forEach(tags::add);
        }
        if (thing.favourite()) {
            o.put("favourite", true);
        }
        thing.provenance()
                .ifPresent(p ->
                        o.put("source", p.source()).put("author", p.author()).put("licence", word(p.licence())));
        return o;
    }
}
