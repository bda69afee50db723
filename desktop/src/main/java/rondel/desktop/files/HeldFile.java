package rondel.desktop.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import rondel.formats.files.FileStamp;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobLock;
import rondel.job.Job;
import rondel.paint.PictureSource;
import rondel.words.Refusal;
import rondel.words.Words;

/** The file of the job on the bench, kept from others for as long as it is open: its lock, and what it was when it was last read
 *  or written, so that nothing that came there since is lost. Its methods touch the disk.
 *
 * @param lock nothing where somebody else has it, or where none can be made
 * @param heldBy the sentence on who has it, where somebody else does */
record HeldFile(Path file, Optional<JobLock> lock, Optional<FileStamp> stamp, Optional<String> heldBy) {

    private static final Duration AT_ONCE = Duration.ZERO;

    /** A job and its file. */
    record Opened(Job job, HeldFile held) {}

    /** @throws Refusal if it can't be read */
    static Opened read(Path file) {
        return held(file).opened();
    }

    private Opened opened() {
        try {
            return new Opened(JobFile.read(file), this);
        } catch (RuntimeException e) {
            letGo();
            throw e;
        }
    }

    /** Reads a file that somebody else has, and takes it from them.
     *
     * @throws Refusal if it can't be read, or somebody else was quicker */
    static Opened takenOver(Path file) {
        return new HeldFile(file, JobLock.takeOver(file), stamp(file), Optional.empty()).opened();
    }

    /** The file as it is now, for a job that was read from it before. */
    static HeldFile held(Path file) {
        try {
            Optional<JobLock> lock = Files.exists(file) ? JobLock.take(file, AT_ONCE) : Optional.empty();
            return new HeldFile(file, lock, stamp(file), Optional.empty());
        } catch (Refusal e) {
            return new HeldFile(file, Optional.empty(), stamp(file), Optional.of(e.getMessage()));
        }
    }

    /** Saves a job where it came from, or in a file that the person has named.
     *
     * @param before the file that was held so far
     * @throws Refusal if somebody else has it, or it was changed since it was read */
    static HeldFile saved(Job job, Path file, Optional<HeldFile> before, PictureSource pictures) {
        Optional<HeldFile> same = before.filter(h -> h.file.toAbsolutePath().equals(file.toAbsolutePath()));
        // One that was taken over is not there any more; whoever has it now may have let it go meanwhile.
        Optional<JobLock> lock = same.flatMap(HeldFile::lock).filter(JobLock::isHeld);
        boolean mine = lock.isPresent();
        try {
            if (!mine) {
                lock = JobLock.take(file, AT_ONCE);
            }
            Replacing over = same.isPresent() ? new Replacing.OnlyWhatWasRead(same.get().stamp) : Replacing.ANYTHING;
            JobFile.write(job, file, over, pictures);
            return new HeldFile(file, lock, stamp(file), Optional.empty());
        } catch (RuntimeException e) {
            if (!mine) {
                lock.ifPresent(JobLock::close);
            }
            throw e;
        }
    }

    /** The file without its lock, where somebody has taken it over since: whoever has it now; nothing where nobody has. */
    Optional<HeldFile> takenOver() {
        return lock.flatMap(JobLock::takenBy)
                .map(who -> Words.of("job.takenOver", file.getFileName(), who))
                .map(said -> new HeldFile(file, Optional.empty(), stamp, Optional.of(said)));
    }

    void letGo() {
        lock.ifPresent(JobLock::close);
    }

    private static Optional<FileStamp> stamp(Path file) {
        try {
            return FileStamp.of(file);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }
}
