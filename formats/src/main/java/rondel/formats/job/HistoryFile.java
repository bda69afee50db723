package rondel.formats.job;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import rondel.history.JobStore;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.words.Refusal;
import rondel.words.Words;

/** Older states of the job on the bench, one after another in a temporary file that is gone with the program, however that ends where the
 *  system can do so. Pictures stay in memory: a state that is not the present one hardly ever has its own. Safe on any thread. */
public final class HistoryFile implements JobStore, AutoCloseable {

    private final ObjectMapper mapper = JobFile.mapper();
    private final Path folder;

    /** Not a channel: that would be closed under whoever reads next when a thread that reads is interrupted. */
    private RandomAccessFile content;

    private long end;

    /** @param folder where the file is made, once there is something for it */
    public HistoryFile(Path folder) {
        this.folder = folder;
    }

    /** Where a job is in the file.
     *
     * @param media its pictures */
    private record Place(HistoryFile file, long at, int length, Map<MediaId, Media> media) implements Stored {

        @Override
        public Job read() {
            return file.read(this);
        }
    }

    @Override
    public synchronized Stored put(Job job) {
        try {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            Deflater quick = new Deflater(Deflater.BEST_SPEED);
            try (OutputStream out = new DeflaterOutputStream(bytes, quick)) {
                mapper.writeValue(out, JobJson.write(job));
            } finally {
                quick.end();
            }
            RandomAccessFile to = content();
            Place place = new Place(this, end, bytes.size(), job.media());
            to.seek(place.at);
            to.write(bytes.toByteArray());
            end += place.length;
            return place;
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", folder, e.getMessage()), e);
        }
    }

    private synchronized Job read(Place place) {
        try {
            byte[] bytes = new byte[place.length];
            content().seek(place.at);
            content().readFully(bytes);
            try (InputStream in = new InflaterInputStream(new ByteArrayInputStream(bytes))) {
                return JobJson.read(mapper.readTree(in), place.media);
            }
        } catch (IOException | BadJson e) {
            throw new Refusal(Words.of("file.notRead", folder, e.getMessage()), e);
        }
    }

    private RandomAccessFile content() throws IOException {
        if (content == null) {
            Path file = Files.createTempFile(Files.createDirectories(folder), "history", ".tmp");
            content = new RandomAccessFile(file.toFile(), "rw");
            unlink(file);
        }
        return content;
    }

    /** Takes the name away while the file is open, where the system lets that be: then nothing stays behind when the program is killed. */
    private static void unlink(Path file) throws IOException {
        if (Files.getFileStore(file).supportsFileAttributeView("posix")) {
            Files.delete(file);
        } else {
            file.toFile().deleteOnExit();
        }
    }

    @Override
    public synchronized void close() throws IOException {
        if (content != null) {
            content.close();
        }
    }
}
