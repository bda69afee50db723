package rondel.bench.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.catalogue.SampleJob;
import rondel.compose.sheets.SetTitle;
import rondel.formats.files.FileStamp;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.journal.JournalWriter;
import rondel.formats.journal.LeftOver;
import rondel.formats.picture.PictureLevels;
import rondel.formats.versions.VersionStore;
import rondel.job.Job;
import rondel.words.Refusal;

/** What was written before the clock was set back by a year has times in the future: saves, versions and journals go on as before. */
final class ClockSetBack {

    private static final Duration BACK = Duration.ofDays(365);
    private static final int SAVES = 25;

    private final Path folder;
    private final PictureLevels pictures = PictureLevels.usual();
    private final List<String> faults = new ArrayList<>();

    ClockSetBack(Path folder) {
        this.folder = folder;
    }

    List<String> faults() throws IOException {
        versions();
        saves();
        journal();
        return faults;
    }

    private void versions() throws IOException {
        Path file = folder.resolve("kept.rondel");
        Instant later = Instant.now().plus(BACK);
        for (int i = 0; i < SAVES; i++) {
            Files.writeString(file, "before " + i);
            store(file, later.plusSeconds(i)).keep();
        }
        Files.writeString(file, "after");
        VersionStore now = store(file, Instant.now());
        now.keep();
        if (!Files.readString(now.all().getFirst().file()).equals("after")) {
            faults.add("clock set back: the newest version is not the newest");
        }
    }

    private VersionStore store(Path file, Instant at) {
        return new VersionStore(file, folder.resolve("versions"), Clock.fixed(at, ZoneOffset.UTC));
    }

    private void saves() throws IOException {
        Path file = folder.resolve("saved.rondel");
        Job job = SampleJob.make();
        JobFile.write(job, file, pictures);
        Files.setLastModifiedTime(file, FileTime.from(Instant.now().plus(BACK)));
        Optional<FileStamp> read = FileStamp.of(file);
        JobFile.write(job.withTitle("after"), file, new Replacing.OnlyWhatWasRead(read), pictures);
        if (!JobFile.read(file).title().equals("after")) {
            faults.add("clock set back: not saved");
        }
        try {
            JobFile.write(job, file, new Replacing.OnlyWhatWasRead(read), pictures);
            faults.add("clock set back: what was saved meanwhile is written over");
        } catch (Refusal e) {
            // as it should be
        }
    }

    private void journal() throws IOException {
        Path journals = folder.resolve("journals");
        Path left = Files.createDirectories(folder.resolve("left/one"));
        try (JournalWriter journal = new JournalWriter(journals, SampleJob.make(), Optional.empty())) {
            journal.done(new SetTitle("unsaved"));
            try (var folders = Files.list(journals);
                    var files = Files.list(folders.findFirst().orElseThrow())) {
                for (Path f : files.toList()) {
                    Path copy = Files.copy(f, left.resolve(f.getFileName()));
                    Files.setLastModifiedTime(copy, FileTime.from(Instant.now().plus(BACK)));
                }
            }
        }
        List<LeftOver> found = LeftOver.in(folder.resolve("left"), faults::add);
        if (found.size() != 1 || !found.getFirst().history().job().title().equals("unsaved")) {
            faults.add("clock set back: unsaved work is not found again");
        }
    }
}
