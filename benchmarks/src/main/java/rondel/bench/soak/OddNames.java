package rondel.bench.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.catalogue.SampleJob;
import rondel.formats.export.ExportFormat;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobLock;
import rondel.formats.page.Page;
import rondel.formats.picture.PictureLevels;
import rondel.formats.png.PixelSize;
import rondel.formats.versions.VersionStore;
import rondel.job.Job;
import rondel.words.Refusal;

/** Saves, reads, locks, keeps and exports under names of every script and of 250 letters: it is done, or refused with a sentence, and nothing else is left. */
final class OddNames {

    private static final int LONG = 250;

    private static final List<String> NAMES = List.of(
            "tide page",
            "Ærø Ñandú Çà",
            "A\u030aland e\u0301toile",
            "Прилив",
            "Παλίρροια",
            "مدّ وجزر",
            "גאות ושפל",
            "ज्वार",
            "น้ำขึ้น",
            "潮汐",
            "みちしお",
            "밀물",
            "ამინდი",
            "Մակընթացություն",
            "🌊🐚",
            "-o",
            ".hidden",
            "two..dots.",
            " spaces ",
            "quo'te\"d",
            "semi;colon & $HOME `x` %20 #1",
            "tab\there",
            "con",
            "x".repeat(LONG - ".rondel".length()),
            "ä".repeat(LONG / 2 - ".rondel".length()),
            "潮".repeat(80),
            "潮".repeat(LONG));

    private final Path folder;
    private final PictureLevels pictures = PictureLevels.usual();
    private final List<String> faults = new ArrayList<>();
    private int refused;
    private int unknown;

    OddNames(Path folder) {
        this.folder = folder;
    }

    String said() {
        return NAMES.size() + " names, " + refused + " of them too long for the disk"
                + (unknown == 0 ? "" : ", " + unknown + " that a program in this locale can't name");
    }

    List<String> faults() throws IOException {
        for (String name : NAMES) {
            try {
                taken(folder.resolve(name + ".rondel"));
            } catch (Refusal e) {
                refused++;
            } catch (InvalidPathException e) {
                // Java takes file names as the locale has them: where that is plain ASCII, nobody can name such a file
                // to it.
                unknown++;
            } catch (RuntimeException | IOException e) {
                faults.add("a file called " + name + ": " + e);
            }
        }
        try (Stream<Path> all = Files.list(folder)) {
            all.filter(f -> f.toString().endsWith(".part") || f.toString().endsWith(".lock"))
                    .forEach(f -> faults.add("left behind: " + f));
        }
        return faults;
    }

    private void taken(Path file) throws IOException {
        Job job = SampleJob.make();
        JobFile.write(job, file, pictures);
        Optional<JobLock> lock = JobLock.take(file, Duration.ZERO);
        if (lock.isEmpty()) {
            faults.add("no lock for " + file);
        }
        lock.ifPresent(JobLock::close);
        if (!JobFile.read(file).equals(job)) {
            faults.add("read otherwise: " + file);
        }
        VersionStore versions = new VersionStore(file, folder.resolve("versions"), Clock.systemUTC());
        versions.keepBeside(true);
        versions.keep();
        if (versions.all().size() != 1) {
            faults.add("no version of " + file);
        }
        String stem = file.getFileName().toString().replace(".rondel", "");
        Page page = Page.ofSheet(job, job.sheets().getFirst().id());
        for (ExportFormat format : List.of(ExportFormat.PDF, ExportFormat.SVG, ExportFormat.PNG)) {
            Path to = folder.resolve(stem + "." + format.extension());
            format.write(page, new PixelSize(100, 100, 72), pictures, to, Replacing.ANYTHING);
            if (!Files.isRegularFile(to)) {
                faults.add("not there: " + to);
            }
        }
    }
}
