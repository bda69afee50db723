package rondel.formats.shelf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.job.Licence;
import rondel.job.Provenance;

/** The artwork that ships, put on a shelf that is not there yet. A shelf that the person has cleared stays clear. */
public final class StarterShelf {

    private static final String FOLDER = "/rondel/demo/artwork/";

    private StarterShelf() {}

    /** Opens the shelf in a folder, with the artwork that ships where the folder is not there yet. */
    public static Shelf open(Path folder) {
        if (!Files.exists(folder)) {
            fill(folder);
        }
        return Shelf.open(folder);
    }

    private static void fill(Path folder) {
        Map<String, Map<String, Thing>> sets = new HashMap<>();
        try {
            for (String line : new String(bytes("index.txt"), StandardCharsets.UTF_8)
                    .lines()
                    .filter(l -> !l.isBlank())
                    .toList()) {
                Thing thing = thing(line);
                Path file = folder.resolve(thing.path());
                Files.createDirectories(file.getParent());
                Files.write(file, bytes(thing.path()));
                sets.computeIfAbsent(thing.set(), s -> new HashMap<>()).put(thing.file(), thing);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        sets.forEach((set, things) -> AboutFile.write(folder.resolve(set), things));
    }

    /** A line of the index: a path, then after bars its tags, its author and its licence. */
    private static Thing thing(String line) {
        String[] parts = line.split(" *\\| *");
        List<String> tags = parts.length > 1 && !parts[1].isBlank() ? List.of(parts[1].split(", *")) : List.of();
        String author = parts.length > 2 ? parts[2] : "Saltmarsh Studio";
        Licence licence = parts.length > 3 ? AboutFile.licence(parts[3]) : Licence.OWN;
        return Thing.plain(parts[0])
                .withTags(tags)
                .withProvenance(Optional.of(new Provenance(author, author, licence)));
    }

    private static byte[] bytes(String path) throws IOException {
        try (InputStream in = StarterShelf.class.getResourceAsStream(FOLDER + path)) {
            if (in == null) {
                throw new IOException("not shipped: " + path);
            }
            return in.readAllBytes();
        }
    }
}
