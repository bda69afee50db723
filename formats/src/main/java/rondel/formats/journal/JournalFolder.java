package rondel.formats.journal;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import rondel.job.Checksum;

/** What lies where in a journal's folder. */
record JournalFolder(Path folder) {

    Path base() {
        return folder.resolve("base.rondel");
    }

    Path edits() {
        return folder.resolve("edits.jsonl");
    }

    Path origin() {
        return folder.resolve("origin.txt");
    }

    /** Locked as long as the journal's window lives. */
    Path lock() {
        return folder.resolve("lock");
    }

    /** Whether no window holds it any more. */
    boolean isAbandoned() throws IOException {
        try (FileChannel channel = FileChannel.open(lock(), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock free = channel.tryLock()) {
            return free != null;
        } catch (OverlappingFileLockException e) {
            return false;
        }
    }

    /** What tells the base from any other. */
    String baseHash() throws IOException {
        return Checksum.of(Files.readAllBytes(base()));
    }
}
