package rondel.formats.files;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.ClosedByInterruptException;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.CancellationException;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Writes a file so that a reader, now or after a crash, finds the old one or the new one and nothing in between: written
 *  beside it, forced to the disk, then renamed over it. */
public final class AtomicFile {

    /** Writes a file's content. */
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    private AtomicFile() {}

    /** @throws Refusal if the folder is missing or can't be written, or the disk is full; the old file is untouched
     *  @throws CancellationException if the work was called off before the new file was whole; the old one is untouched */
    public static void write(Path target, Content content) {
        Path absolute = target.toAbsolutePath();
        Path beside = null;
        try {
            beside = Files.createTempFile(absolute.getParent(), "." + absolute.getFileName(), ".part");
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
                content.writeTo(out);
                out.flush();
                channel.force(true);
            }
            Cancellation.check();
            usualPermissions(absolute, beside);
            move(beside, absolute);
            forceFolder(absolute.getParent());
        } catch (ClosedByInterruptException e) {
            removed(beside);
            throw (CancellationException) new CancellationException().initCause(e);
        } catch (IOException e) {
            removed(beside);
            throw new Refusal(Words.of("file.notWritten", target, reason(e)), e);
        } catch (RuntimeException | Error e) {
            removed(beside);
            throw e;
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** A temporary file is for its owner only; the file it becomes keeps what the old one had, or what is usual. */
    private static void usualPermissions(Path target, Path beside) throws IOException {
        if (!Files.getFileStore(beside).supportsFileAttributeView("posix")) {
            return;
        }
        Files.setPosixFilePermissions(
                beside,
                Files.exists(target)
                        ? Files.getPosixFilePermissions(target)
                        : java.nio.file.attribute.PosixFilePermissions.fromString("rw-r--r--"));
    }

    /** Makes the rename itself last; a system that can't open folders has no need of it. */
    private static void forceFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            org.slf4j.LoggerFactory.getLogger(AtomicFile.class).debug("folder not forced: {}", folder, e);
        }
    }

    private static void removed(Path beside) {
        if (beside != null) {
            try {
                Files.deleteIfExists(beside);
            } catch (IOException e) {
                org.slf4j.LoggerFactory.getLogger(AtomicFile.class).warn("left behind: {}", beside, e);
            }
        }
    }

    private static String reason(IOException e) {
        String message = String.valueOf(e.getMessage());
        if (message.contains("No space left")) {
            return Words.of("file.diskFull");
        }
        return switch (e) {
            case java.nio.file.AccessDeniedException denied -> Words.of("file.denied");
            case java.nio.file.NoSuchFileException missing -> Words.of("file.noFolder");
            default -> message;
        };
    }
}
