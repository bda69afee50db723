package rondel.formats.versions;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.HiddenName;
import rondel.formats.files.OwnFolders;
import rondel.formats.files.Replacing;
import rondel.job.Checksum;
import rondel.words.Refusal;
import rondel.words.Words;

/** What was saved of one job: the last {@link #LAST} saves, and the last one of each day before. They are in the person's own folder, or beside the job where
 *  they were put there: a folder of its name with a dot before and {@code .versions} behind. */
public final class VersionStore {

    /** How many saves are kept, whenever they were made. */
    public static final int LAST = 20;

    private static final String ENDING = ".rondel";

    /** In the order of their names they are in the order of time, on every system. */
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern(
                    "uuuu-MM-dd'T'HH-mm-ss.SSS'Z'", Locale.ROOT)
            .withZone(ZoneOffset.UTC);

    private final Path job;
    private final Path own;
    private final Clock clock;

    /** @param job the job's file
     *  @param own the folder in which those of all jobs are */
    public VersionStore(Path job, Path own, Clock clock) {
        this.job = job.toAbsolutePath().normalize();
        this.own = own;
        this.clock = clock;
    }

    public static VersionStore of(Path job) {
        return new VersionStore(job, OwnFolders.versions(), Clock.systemUTC());
    }

    private Path beside() {
        return HiddenName.beside(job, ".versions");
    }

    private Path apart() {
        String key =
                Checksum.of(job.toString().getBytes(StandardCharsets.UTF_8)).substring(0, 24);
        return own.resolve(key);
    }

    /** Whether they are kept beside the job. */
    public boolean isBeside() {
        return Files.isDirectory(beside());
    }

    private Path folder() {
        return isBeside() ? beside() : apart();
    }

    /** Keeps what the job's file has now, unless the newest version has just that; and lets go of what is too old.
     *
     * @throws Refusal if that can't be done; the job itself is untouched */
    public void keep() {
        try {
            List<Version> all = all();
            boolean known = !all.isEmpty() && Files.mismatch(all.getFirst().file(), job) == -1;
            if (!known) {
                Path folder = folder();
                Files.createDirectories(folder);
                Path target = free(folder, all);
                AtomicFile.write(target, Replacing.NOTHING, out -> Files.copy(job, out));
            }
            letGo();
        } catch (IOException e) {
            throw new Refusal(Words.of("versions.notKept", job.getFileName(), e.getMessage()), e);
        }
    }

    /** A name that comes after all others, also where the clock was set back meanwhile: an older version must not pass for the newest. */
    private Path free(Path folder, List<Version> all) {
        Instant now = clock.instant();
        if (!all.isEmpty() && !now.isAfter(all.getFirst().saved())) {
            now = all.getFirst().saved().plusMillis(1);
        }
        Path target = folder.resolve(NAME.format(now) + ENDING);
        while (Files.exists(target)) {
            now = now.plusMillis(1);
            target = folder.resolve(NAME.format(now) + ENDING);
        }
        return target;
    }

    /** All that there are, the newest first.
     *
     * @throws Refusal if the folder can't be read */
    public List<Version> all() {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder())) {
            List<Version> all = new ArrayList<>();
            for (Path f : files.toList()) {
                String name = f.getFileName().toString();
                if (name.endsWith(ENDING)) {
                    time(name).ifPresent(t -> all.add(new Version(f, t, size(f))));
                }
            }
            all.sort(Comparator.comparing(Version::saved).reversed());
            return all;
        } catch (IOException e) {
            throw new Refusal(Words.of("versions.notRead", job.getFileName(), e.getMessage()), e);
        }
    }

    private static java.util.Optional<Instant> time(String name) {
        try {
            return java.util.Optional.of(NAME.parse(name.substring(0, name.length() - ENDING.length()), Instant::from));
        } catch (DateTimeParseException e) {
            // Somebody else's file.
            return java.util.Optional.empty();
        }
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private void letGo() throws IOException {
        List<Version> all = all();
        Set<LocalDate> days = new HashSet<>();
        for (int i = 0; i < all.size(); i++) {
            boolean lastOfItsDay = days.add(LocalDate.ofInstant(all.get(i).saved(), clock.getZone()));
            if (i >= LAST && !lastOfItsDay) {
                Files.delete(all.get(i).file());
            }
        }
    }

    /** Keeps them beside the job from now on, or in the person's own folder; those that there are go along.
     *
     * @throws Refusal if they can't be moved; each is in one of both places then */
    public void keepBeside(boolean here) {
        if (here == isBeside()) {
            return;
        }
        Path from = folder();
        Path to = here ? beside() : apart();
        try {
            Files.createDirectories(to);
            if (Files.isDirectory(from)) {
                try (Stream<Path> files = Files.list(from)) {
                    for (Path f : files.toList()) {
                        Files.move(f, to.resolve(f.getFileName()), StandardCopyOption.REPLACE_EXISTING);
                    }
                }
                Files.delete(from);
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("versions.notMoved", job.getFileName(), e.getMessage()), e);
        }
    }
}
