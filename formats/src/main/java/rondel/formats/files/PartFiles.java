package rondel.formats.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.LoggerFactory;

/** The hidden files that new content is written to before it takes its place. A kill leaves one behind; it is cleared away at
 *  the next start or save beside it. */
public final class PartFiles {

    private static final Pattern NAME = Pattern.compile("\\..+\\.(\\d+)-\\d+\\.part");

    /** One that was written to more recently may be another machine's, on a shared disk. */
    private static final Duration SETTLED = Duration.ofMinutes(1);

    private static final AtomicLong NEXT = new AtomicLong();

    private PartFiles() {}

    /** A name that no other has, beside a file. */
    static Path beside(Path target) {
        return HiddenName.beside(target, "." + ProcessHandle.current().pid() + "-" + NEXT.incrementAndGet() + ".part");
    }

    /** Deletes those in a folder that no living program writes to. */
    public static void clear(Path folder) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> all = Files.list(folder)) {
            List<Path> left = all.filter(PartFiles::isLeft).toList();
            for (Path part : left) {
                Files.deleteIfExists(part);
            }
        } catch (IOException e) {
            LoggerFactory.getLogger(PartFiles.class).debug("not cleared: {}", folder, e);
        }
    }

    private static boolean isLeft(Path file) {
        Matcher m = NAME.matcher(file.getFileName().toString());
        try {
            return m.matches()
                    && ProcessHandle.of(Long.parseLong(m.group(1))).isEmpty()
                    && Files.getLastModifiedTime(file).toInstant().plus(SETTLED).isBefore(Instant.now());
        } catch (IOException | NumberFormatException e) {
            return false;
        }
    }
}
