package rondel.formats.fonts;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import rondel.text.FontBook;
import rondel.text.FontFace;

/** The fonts that ship with Rondel, read when text first needs them. */
public final class ShippedFonts implements Supplier<FontBook> {

    private static final String FOLDER = "/rondel/demo/fonts/";
    private static final Map<String, String> GENERIC = Map.of(
            "serif", "EB Garamond",
            "sans-serif", "Nunito",
            "system-ui", "Nunito",
            "monospace", "Zilla Slab",
            "cursive", "Great Vibes",
            "fantasy", "Caveat");

    private FontBook book;

    @Override
    public synchronized FontBook get() {
        if (book == null) {
            List<FontFace> faces = new ArrayList<>();
            for (String file :
                    text(FOLDER + "index.txt").lines().filter(l -> !l.isBlank()).toList()) {
                faces.add(new FontFace(bytes(FOLDER + file), file));
            }
            book = new FontBook(faces, GENERIC);
        }
        return book;
    }

    private static String text(String path) {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    private static byte[] bytes(String path) {
        try (InputStream in = ShippedFonts.class.getResourceAsStream(path)) {
            if (in == null) {
                throw new IllegalStateException("not shipped: " + path);
            }
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
