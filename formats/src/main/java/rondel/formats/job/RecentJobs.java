package rondel.formats.job;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.slf4j.LoggerFactory;
import rondel.formats.files.KeptList;

/** The jobs that were opened or saved last, the last first, kept in a small JSON file. Safe on any thread. */
public final class RecentJobs {

    private static final int KEPT = 24;
    private static final int LARGEST_PREVIEW = 16 << 20;

    /** A job that was opened or saved. */
    public record Entry(String file, String title) {

        public Path path() {
            return Path.of(file);
        }
    }

    private final KeptList<Entry> list;

    /** @param list the file that they are kept in, which need not be there yet */
    public RecentJobs(Path list) {
        this.list = new KeptList<>(list, Entry[].class, KEPT);
    }

    /** Those whose files are still there. */
    public List<Entry> all() {
        return list.all().stream().filter(e -> Files.isRegularFile(e.path())).toList();
    }

    /** Puts a job first. */
    public void add(Path job, String title) {
        Entry now = new Entry(job.toAbsolutePath().normalize().toString(), title);
        list.add(now, e -> e.file().equals(now.file()));
    }

    /** The picture that a job file carries of itself, as PNG. */
    public static Optional<byte[]> preview(InputStream job) {
        try (ZipInputStream zip = new ZipInputStream(job)) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                if (e.getName().equals("preview.png")) {
                    byte[] png = zip.readNBytes(LARGEST_PREVIEW);
                    return png.length == LARGEST_PREVIEW ? Optional.empty() : Optional.of(png);
                }
            }
            return Optional.empty();
        } catch (IOException e) {
            LoggerFactory.getLogger(RecentJobs.class).debug("no preview", e);
            return Optional.empty();
        }
    }

    /** The picture that a job file on disk carries of itself. */
    public static Optional<byte[]> preview(Path job) {
        try (InputStream in = Files.newInputStream(job)) {
            return preview(in);
        } catch (IOException e) {
            LoggerFactory.getLogger(RecentJobs.class).debug("no preview of {}", job, e);
            return Optional.empty();
        }
    }
}
