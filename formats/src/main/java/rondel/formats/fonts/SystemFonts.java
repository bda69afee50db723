package rondel.formats.fonts;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.formats.files.FileName;
import rondel.text.FontFace;
import rondel.words.Refusal;

/** The fonts that the system has, from the folders where it keeps them. A folder or a file that can't be read is left out. */
public record SystemFonts(List<Path> folders) implements Supplier<List<FontFace>> {

    private static final Logger LOG = LoggerFactory.getLogger(SystemFonts.class);
    private static final Set<String> ENDINGS = Set.of("ttf", "otf", "ttc", "otc");
    private static final int DEEPEST = 8;

    /** The usual folders of Linux, macOS and Windows; those that are not there are skipped. */
    public static SystemFonts usual() {
        Path home = Path.of(System.getProperty("user.home"));
        List<Path> folders = new ArrayList<>(List.of(
                Path.of("/usr/share/fonts"),
                Path.of("/usr/local/share/fonts"),
                home.resolve(".local/share/fonts"),
                home.resolve(".fonts"),
                Path.of("/System/Library/Fonts"),
                Path.of("/Library/Fonts"),
                home.resolve("Library/Fonts")));
        Optional.ofNullable(System.getenv("WINDIR")).ifPresent(w -> folders.add(Path.of(w, "Fonts")));
        Optional.ofNullable(System.getenv("LOCALAPPDATA"))
                .ifPresent(l -> folders.add(Path.of(l, "Microsoft", "Windows", "Fonts")));
        return new SystemFonts(folders);
    }

    @Override
    public List<FontFace> get() {
        List<FontFace> faces = new ArrayList<>();
        for (Path folder : folders) {
            if (Files.isDirectory(folder)) {
                files(folder).forEach(file -> add(file, faces));
            }
        }
        return faces;
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> files = Files.walk(folder, DEEPEST)) {
            return files.filter(f -> ENDINGS.contains(FileName.extension(f.toString())) && Files.isRegularFile(f))
                    .sorted()
                    .toList();
        } catch (IOException | java.io.UncheckedIOException e) {
            LOG.warn("left out: {}", folder, e);
            return List.of();
        }
    }

    private static void add(Path file, List<FontFace> faces) {
        try {
            faces.addAll(FontFace.mapped(file.toString()));
        } catch (Refusal e) {
            LOG.warn("left out: {}", e.getMessage());
        }
    }
}
