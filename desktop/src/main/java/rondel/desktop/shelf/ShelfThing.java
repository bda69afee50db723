package rondel.desktop.shelf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import rondel.formats.artwork.Artwork;
import rondel.formats.artwork.ArtworkReader;
import rondel.formats.files.FileName;

/** One thing on the shelf: a file's bytes, read when they are needed. Taking it off the shelf never changes it. */
public record ShelfThing(String name, String set, Source source) {

    private static final String DEMO = "/rondel/demo/artwork/";

    /** Where the bytes come from. */
    public interface Source {
        byte[] bytes() throws IOException;
    }

    public static ShelfThing ofFile(Path file) {
        return new ShelfThing(file.getFileName().toString(), "", () -> Files.readAllBytes(file));
    }

    /** The artwork that ships: {@code index.txt} has a line a file, its set before a slash. */
    public static List<ShelfThing> shipped() {
        String index = new String(resource("index.txt"), StandardCharsets.UTF_8);
        return index.lines()
                .filter(l -> !l.isBlank())
                .map(l -> new ShelfThing(
                        l.substring(l.indexOf('/') + 1), l.substring(0, l.indexOf('/')), () -> resource(l)))
                .toList();
    }

    /** For any thread but the toolkit's. */
    public Artwork read(ArtworkReader reader) throws IOException {
        return reader.read(source.bytes(), name);
    }

    public String title() {
        return FileName.stem(name).replace('-', ' ');
    }

    private static byte[] resource(String path) {
        try (InputStream in = ShelfThing.class.getResourceAsStream(DEMO + path)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
