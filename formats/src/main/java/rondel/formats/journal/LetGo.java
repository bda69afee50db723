package rondel.formats.journal;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import rondel.formats.files.WholeFolder;

/** Journals that a person let go: kept for a while in a folder of their own, in case that was a mistake. */
public final class LetGo {

    static final String FOLDER = "let-go";

    private static final Duration KEPT = Duration.ofDays(30);

    private LetGo() {}

    /** Puts a journal away. */
    public static void keep(LeftOver work) throws IOException {
        Path kept = Files.createDirectories(work.folder().resolveSibling(FOLDER));
        Path to = kept.resolve(work.folder().getFileName());
        Files.move(work.folder(), to);
        Files.setLastModifiedTime(to, FileTime.from(Instant.now()));
    }

    /** Deletes those that were put away more than 30 days ago. */
    public static void clear(Path journals, Instant now) throws IOException {
        Path kept = journals.resolve(FOLDER);
        if (!Files.isDirectory(kept)) {
            return;
        }
        try (Stream<Path> all = Files.list(kept)) {
            List<Path> folders = all.toList();
            for (Path folder : folders) {
                if (Files.getLastModifiedTime(folder).toInstant().plus(KEPT).isBefore(now)) {
                    WholeFolder.delete(folder);
                }
            }
        }
    }
}
