package rondel.formats.job;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import rondel.words.Refusal;
import rondel.words.Words;

/** The parts of a job file, read with limits: no name that climbs out, no part that unpacks without end. */
final class JobArchive {

    private static final long LARGEST_JSON = 1L << 30;
    private static final long LARGEST_ALL = 4L << 30;
    private static final int MOST = 20_000;
    private static final long USUAL_RATIO = 200;

    /** Pictures are packed already, and hardly shrink again. */
    private static final long PACKED_RATIO = 20;

    private JobArchive() {}

    static Map<String, byte[]> entries(Path file) {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            Map<String, byte[]> parts = new HashMap<>();
            long total = 0;
            int count = 0;
            for (Enumeration<? extends ZipEntry> e = zip.entries(); e.hasMoreElements(); ) {
                ZipEntry entry = e.nextElement();
                String name = entry.getName();
                if (name.contains("..") || name.startsWith("/") || name.contains("\\")) {
                    throw Refusal.of("job.climbs", file, name);
                }
                if (++count > MOST) {
                    throw Refusal.of("job.unpacks", file);
                }
                if (!entry.isDirectory() && (name.equals("job.json") || name.startsWith("media/"))) {
                    long room = Math.min(LARGEST_ALL, Runtime.getRuntime().maxMemory() / 2) - total;
                    byte[] bytes = limited(zip, entry, file, Math.min(LARGEST_JSON, room));
                    total += bytes.length;
                    parts.put(name, bytes);
                }
            }
            return parts;
        } catch (ZipException e) {
            throw new Refusal(Words.of("job.notAJob", file), e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    /** Unpacks at most {@code limit} bytes, and no more than a job's parts ever shrink by. */
    private static byte[] limited(ZipFile zip, ZipEntry entry, Path file, long limit) throws IOException {
        boolean packedBefore = entry.getName().startsWith("media/");
        long plausible = Math.max(
                packedBefore ? 1L << 20 : 64L << 20,
                Math.max(1, entry.getCompressedSize()) * (packedBefore ? PACKED_RATIO : USUAL_RATIO));
        long most = Math.min(limit, plausible);
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, most + 1));
            if (bytes.length > most) {
                throw Refusal.of("job.unpacks", file);
            }
            return bytes;
        }
    }
}
