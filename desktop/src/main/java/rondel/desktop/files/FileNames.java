package rondel.desktop.files;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Predicate;
import rondel.formats.files.FileName;
import rondel.job.Job;

/** Names that every file system takes. */
public final class FileNames {

    private FileNames() {}

    /** {@code title} with a hyphen for each character that a file system forbids. */
    public static String safe(String title) {
        return title.replaceAll("[\\\\/:*?\"<>|]", "-");
    }

    /** The name that is proposed for a file of a job. */
    static String of(Job job, String ending) {
        return safe(job.title()) + "." + ending;
    }

    /** The file that was chosen, with its ending. The system's dialog has asked about what is there by the name that was typed;
     *  where the ending makes it another, it is asked about here.
     *
     * @param replace whether a file that is there may be replaced */
    static Optional<Path> withEnding(Path chosen, String ending, Predicate<Path> replace) {
        if (!FileName.extension(chosen.toString()).isEmpty()) {
            return Optional.of(chosen);
        }
        Path whole = chosen.resolveSibling(chosen.getFileName() + "." + ending);
        return Files.exists(whole) && !replace.test(whole) ? Optional.empty() : Optional.of(whole);
    }
}
