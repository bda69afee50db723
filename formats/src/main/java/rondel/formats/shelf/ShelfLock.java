package rondel.formats.shelf;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.SQLException;
import java.util.concurrent.CancellationException;
import rondel.words.Refusal;

/** Keeps other programs from changing a shelf while this one does. Where the folder can't be written to there is nothing to keep
 *  them from. */
final class ShelfLock {

    private static final long BETWEEN_TRIES = 20;
    private static final long LONGEST = 20_000;

    private final FileChannel channel;
    private final FileLock lock;

    private ShelfLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    /** Does something that nobody else may do meanwhile. */
    interface Work<T> {
        T done() throws IOException, SQLException;
    }

    static <T> T during(Path own, Work<T> work) throws IOException, SQLException {
        ShelfLock lock = take(own);
        try {
            return work.done();
        } finally {
            lock.close();
        }
    }

    /** @param own the shelf's folder for its own files
     *  @throws Refusal if somebody else has it for a long time */
    private static ShelfLock take(Path own) throws IOException {
        if (!Files.isDirectory(own) || !Files.isWritable(own)) {
            return new ShelfLock(null, null);
        }
        FileChannel channel =
                FileChannel.open(own.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        for (long waited = 0; waited < LONGEST; waited += BETWEEN_TRIES) {
            try {
                FileLock lock = channel.tryLock();
                if (lock != null) {
                    return new ShelfLock(channel, lock);
                }
            } catch (OverlappingFileLockException e) {
                // another shelf of this program has it
            }
            pause();
        }
        channel.close();
        throw Refusal.of("shelf.busy", own.getParent());
    }

    private static void pause() {
        try {
            Thread.sleep(BETWEEN_TRIES);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new CancellationException();
        }
    }

    private void close() throws IOException {
        if (lock != null) {
            lock.release();
            channel.close();
        }
    }
}
