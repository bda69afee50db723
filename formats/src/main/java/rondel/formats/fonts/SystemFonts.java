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

/** The fonts that the system has, from the folders where it keeps them. A folder or a file that can't be read is left out.
 *
 * @param folders the system's own, whose fonts every program uses
 * @param persons where a person puts fonts, which are tried first
 * @param trials that try them */
record SystemFonts(List<Path> folders, List<Path> persons, FontTrials trials) implements Supplier<List<FontFace>> {

    private static final Logger LOG = LoggerFactory.getLogger(SystemFonts.class);
    private static final Set<String> ENDINGS = Set.of("ttf", "otf", "ttc", "otc");
    private static final int DEEPEST = 8;

    /** The usual folders of Linux, macOS and Windows; those that are not there are skipped. */
    static SystemFonts usual(FontTrials trials) {
        Path home = Path.of(System.getProperty("user.home"));
        List<Path> folders = new ArrayList<>(List.of(
                Path.of("/usr/share/fonts"),
                Path.of("/usr/local/share/fonts"),
                Path.of("/System/Library/Fonts"),
                Path.of("/Library/Fonts")));
        List<Path> persons = new ArrayList<>(
                List.of(home.resolve(".local/share/fonts"), home.resolve(".fonts"), home.resolve("Library/Fonts")));
        Optional.ofNullable(System.getenv("WINDIR")).ifPresent(w -> folders.add(Path.of(w, "Fonts")));
        Optional.ofNullable(System.getenv("LOCALAPPDATA"))
                .ifPresent(l -> persons.add(Path.of(l, "Microsoft", "Windows", "Fonts")));
        return new SystemFonts(folders, persons, trials);
    }

    @Override
    public List<FontFace> get() {
        List<FontFace> faces = new ArrayList<>();
        files(folders).forEach(file -> add(file, faces));
        trials.sound(files(persons)).forEach(file -> add(file, faces));
        return faces;
    }

    private static List<Path> files(List<Path> folders) {
        return folders.stream()
                .filter(Files::isDirectory)
                .flatMap(f -> files(f).stream())
                .toList();
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
