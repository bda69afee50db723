package rondel.desktop.look;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.css.Stylesheet;

/** Run when Rondel is built: writes each style sheet in the toolkit's binary form too, beside it and by its name, where the toolkit looks for it first. So
 *  a start does not wait for them to be parsed. */
public final class BinaryStyles {

    private BinaryStyles() {}

    /** @param args the folder with the style sheets */
    public static void main(String[] args) throws IOException {
        List<Path> sheets;
        try (Stream<Path> all = Files.list(Path.of(args[0]))) {
            sheets = all.filter(f -> f.toString().endsWith(".css")).toList();
        }
        for (Path css : sheets) {
            String name = css.getFileName().toString().replaceFirst("css$", "bss");
            Stylesheet.convertToBinary(css.toFile(), css.resolveSibling(name).toFile());
        }
    }
}
