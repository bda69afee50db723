package rondel.formats.job;

import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.formats.files.FileStamp;
import rondel.formats.files.HiddenName;
import rondel.words.Refusal;
import rondel.words.Words;

/** Says that a job is being worked on: a hidden file beside it with who does and since when, locked by the system for as long as
 *  they live. One that is there without that lock is left over and is taken over; one that somebody has can be taken from them, who find that out
 *  before they next write. Safe on any thread. */
public final class JobLock implements AutoCloseable {

    /** The lock lies beyond what is written, so that others can read who holds it. */
    private static final long PLACE = Long.MAX_VALUE - 1;

    private static final Logger LOG = LoggerFactory.getLogger(JobLock.class);
    private static final long BETWEEN_TRIES = 50;
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

    private final Path file;
    private final FileChannel channel;
    private final FileLock lock;

    /** The second line of the file, which no other lock has. */
    private final String mark;

    private JobLock(Path file, FileChannel channel, FileLock lock, String mark) {
        this.file = file;
        this.mark = mark;
        this.channel = channel;
        this.lock = lock;
    }

    /** Takes the lock of a job.
     *
     * @param patience how long to wait for whoever has it
     * @return nothing where the folder can't be written to: then nobody can save there either
     * @throws Refusal saying who has it */
    public static Optional<JobLock> take(Path job, Duration patience) {
        Path file = beside(job);
        Instant until = Instant.now().plus(patience);
        try {
            while (true) {
                Optional<JobLock> taken = attempt(file);
                if (taken.isPresent()) {
                    return taken;
                }
                if (!Instant.now().isBefore(until)) {
                    throw Refusal.of("job.locked", job.getFileName(), holder(file));
                }
                Thread.sleep(BETWEEN_TRIES);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new java.util.concurrent.CancellationException();
        } catch (IOException e) {
            LOG.debug("no lock beside {}", job, e);
            return Optional.empty();
        }
    }

    /** Takes the lock of a job from whoever has it.
     *
     * @return nothing where the folder can't be written to
     * @throws Refusal if somebody else was quicker */
    public static Optional<JobLock> takeOver(Path job) {
        Path file = beside(job);
        try {
            // Renamed first: where a system keeps the name of a deleted file until it is closed, it is that of nothing
            // by then.
            Path away = file.resolveSibling(file.getFileName() + "." + UUID.randomUUID());
            Files.move(file, away);
            Files.delete(away);
        } catch (NoSuchFileException e) {
            LOG.debug("nobody has {} any more", job, e);
        } catch (IOException e) {
            LOG.debug("no lock beside {}", job, e);
            return Optional.empty();
        }
        return take(job, Duration.ZERO);
    }

    /** Whether nobody has taken it over. */
    public boolean isHeld() {
        return lines().contains(mark);
    }

    /** What is known of whoever has taken it over and has it still; nothing where nobody has. */
    public Optional<String> takenBy() {
        List<String> lines = lines();
        boolean another = lines.size() > 1 && !lines.contains(mark);
        return another ? Optional.of(lines.getFirst().strip()) : Optional.empty();
    }

    /** Who has it and their mark; nothing where the file is gone. */
    private List<String> lines() {
        try {
            return Files.readAllLines(file);
        } catch (IOException e) {
            LOG.debug("no lock any more: {}", file, e);
            return List.of();
        }
    }

    private static Path beside(Path job) {
        return HiddenName.beside(job.toAbsolutePath(), ".lock");
    }

    private static Optional<JobLock> attempt(Path file) throws IOException {
        FileChannel channel =
                FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.READ, StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock(PLACE, 1, false);
            if (lock == null) {
                channel.close();
                return Optional.empty();
            }
            if (!isStill(file, channel)) {
                lock.release();
                channel.close();
                return attempt(file);
            }
            channel.truncate(0);
            String mark = UUID.randomUUID().toString();
            channel.write(ByteBuffer.wrap((me() + "\n" + mark + "\n").getBytes(StandardCharsets.UTF_8)), 0);
            return Optional.of(new JobLock(file, channel, lock, mark));
        } catch (OverlappingFileLockException e) {
            channel.close();
            return Optional.empty();
        }
    }

    /** Whether the file that was opened has its name yet: whoever had the lock may have deleted it meanwhile. */
    private static boolean isStill(Path file, FileChannel channel) throws IOException {
        Optional<FileStamp> named = FileStamp.of(file);
        channel.write(ByteBuffer.wrap(new byte[] {'\n'}), channel.size());
        Optional<FileStamp> after = FileStamp.of(file);
        return named.isPresent()
                && after.isPresent()
                && after.get().size() == named.get().size() + 1;
    }

    private static String me() {
        String host;
        try {
            host = InetAddress.getLocalHost().getHostName();
        } catch (UnknownHostException e) {
            host = "localhost";
        }
        String since = WHEN.format(LocalDateTime.now(ZoneId.systemDefault()));
        return Words.of("job.lockedBy", System.getProperty("user.name"), host, since);
    }

    private static String holder(Path file) {
        try {
            return Files.readString(file).lines().findFirst().orElse("").strip();
        } catch (IOException e) {
            return Words.of("job.lockedBySomebody");
        }
    }

    /** Lets the job go; once. */
    @Override
    public synchronized void close() {
        if (!lock.isValid()) {
            return;
        }
        try {
            if (isHeld()) {
                Files.deleteIfExists(file);
            }
            lock.release();
            channel.close();
        } catch (IOException e) {
            LOG.warn("lock left behind: {}", file, e);
        }
    }
}
