package rondel.formats.files;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.ClosedByInterruptException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.slf4j.LoggerFactory;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Writes a file so that a reader, now or after a crash, finds the old one or the new one and nothing in between: written
 *  beside it, forced to the disk, then renamed over it. A link is written through to its file; a file that must not be written,
 *  or that another program holds, is left alone. */
public final class AtomicFile {

    /** Writes a file's content. */
    public interface Content {
        void writeTo(OutputStream out) throws IOException;
    }

    private AtomicFile() {}

    /** As {@link #write(Path, Replacing, Content)}, over whatever is there. */
    public static void write(Path target, Content content) {
        write(target, Replacing.ANYTHING, content);
    }

    /** @throws Refusal if the folder is missing or can't be written, the disk is full, or what is there is not to be replaced;
     *      it is untouched
     *  @throws CancellationException if the work was called off before the new file was whole; the old one is untouched */
    public static void write(Path target, Replacing over, Content content) {
        Path part = null;
        try {
            Path real = real(target.toAbsolutePath());
            check(target, real, over);
            PartFiles.clear(real.getParent());
            part = PartFiles.beside(real);
            try (FileChannel channel =
                    FileChannel.open(part, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
                content.writeTo(out);
                out.flush();
                channel.force(true);
            }
            Cancellation.check();
            keepPermissions(real, part);
            check(target, real, over);
            put(part, real, over);
            forceFolder(real.getParent());
        } catch (ClosedByInterruptException e) {
            removed(part);
            throw (CancellationException) new CancellationException().initCause(e);
        } catch (FileAlreadyExistsException e) {
            removed(part);
            throw new Refusal(Words.of("file.exists", target), e);
        } catch (IOException e) {
            removed(part);
            throw new Refusal(Words.of("file.notWritten", target, reason(e)), e);
        } catch (RuntimeException | Error e) {
            removed(part);
            throw e;
        }
    }

    /** The file that a link, or a link to a link, leads to, whether it is there or not. */
    private static Path real(Path target) throws IOException {
        Path path = target;
        for (int i = 0; i < 40 && Files.isSymbolicLink(path); i++) {
            path = path.resolveSibling(Files.readSymbolicLink(path)).normalize();
        }
        return path;
    }

    private static void check(Path target, Path real, Replacing over) throws IOException {
        Optional<FileStamp> there = FileStamp.of(real);
        boolean may =
                switch (over) {
                    case Replacing.Anything any -> true;
                    case Replacing.Nothing none -> there.isEmpty();
                    case Replacing.OnlyWhatWasRead only -> there.isEmpty() || there.equals(only.stamp());
                };
        if (!may) {
            throw Refusal.of(over instanceof Replacing.Nothing ? "file.exists" : "file.changedOutside", target);
        }
        if (there.isPresent() && !mayBeWritten(real)) {
            throw Refusal.of("file.readOnly", target);
        }
        if (there.isPresent() && isHeld(real)) {
            throw Refusal.of("file.held", target);
        }
    }

    /** Also for an administrator, who may write anything, a file that is marked so is not to be written. */
    private static boolean mayBeWritten(Path file) throws IOException {
        return Files.isWritable(file)
                && (!isPosix(file)
                        || Files.getPosixFilePermissions(file).stream()
                                .anyMatch(p -> p == PosixFilePermission.OWNER_WRITE
                                        || p == PosixFilePermission.GROUP_WRITE
                                        || p == PosixFilePermission.OTHERS_WRITE));
    }

    /** Whether another program has locked it. */
    private static boolean isHeld(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            return false;
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock()) {
            return free == null;
        } catch (OverlappingFileLockException e) {
            return true;
        }
    }

    private static void put(Path part, Path real, Replacing over) throws IOException {
        if (over instanceof Replacing.Nothing && linked(part, real)) {
            return;
        }
        try {
            Files.move(part, real, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(part, real, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Gives the file its name only if no other has it by then; not every file system can do that. */
    private static boolean linked(Path part, Path real) throws IOException {
        try {
            Files.createLink(real, part);
            Files.delete(part);
            return true;
        } catch (UnsupportedOperationException e) {
            return false;
        } catch (FileAlreadyExistsException e) {
            throw e;
        } catch (IOException e) {
            LoggerFactory.getLogger(AtomicFile.class).debug("no links here: {}", real, e);
            return false;
        }
    }

    /** A new file gets what the system gives new files; one that replaces another what that one had. */
    private static void keepPermissions(Path real, Path part) throws IOException {
        // On a stick without permissions of its own all files have the same, and setting them would be refused.
        if (Files.exists(real)
                && isPosix(real)
                && !Files.getPosixFilePermissions(real).equals(Files.getPosixFilePermissions(part))) {
            Files.setPosixFilePermissions(part, Files.getPosixFilePermissions(real));
        }
    }

    /** Whether files have permissions here. The file store would know too, but is not to be had everywhere: not in a root folder that is no mount. */
    private static boolean isPosix(Path file) {
        return Files.getFileAttributeView(file, PosixFileAttributeView.class) != null;
    }

    /** Makes the rename itself last; a system that can't open folders has no need of it. */
    private static void forceFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            LoggerFactory.getLogger(AtomicFile.class).debug("folder not forced: {}", folder, e);
        }
    }

    private static void removed(Path part) {
        if (part != null) {
            try {
                Files.deleteIfExists(part);
            } catch (IOException e) {
                LoggerFactory.getLogger(AtomicFile.class).warn("left behind: {}", part, e);
            }
        }
    }

    private static String reason(IOException e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (String.valueOf(t.getMessage()).contains("No space left")) {
                return Words.of("file.diskFull");
            }
            if (String.valueOf(t.getMessage()).contains("name too long")) {
                return Words.of("file.nameTooLong");
            }
        }
        return switch (e) {
            case java.nio.file.AccessDeniedException denied -> Words.of("file.denied");
            case java.nio.file.NoSuchFileException missing -> Words.of("file.noFolder");
            default -> String.valueOf(e.getMessage());
        };
    }
}
