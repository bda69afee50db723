package rondel.formats.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** What is copied, as the clipboard carries it between jobs and windows: a job file, with everything. */
public final class ClipFormat {

    /** Its media type on the clipboard. */
    public static final String MIME_TYPE = JobFormat.MIME_TYPE;

    private ClipFormat() {}

    public static byte[] write(Job excerpt) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            JobFile.write(excerpt, Optional.empty(), out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws Refusal as for a file: what is on a clipboard may come from anywhere */
    public static Job read(byte[] bytes) {
        try {
            Path file = Files.createTempFile("rondel-clip", ".rondel");
            try {
                Files.write(file, bytes);
                return JobFile.read(file);
            } finally {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("clip.unreadable", e.getMessage()), e);
        }
    }
}
