package rondel.bench.soak;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import rondel.catalogue.SampleJob;
import rondel.formats.files.FileStamp;
import rondel.formats.files.Replacing;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobLock;
import rondel.formats.picture.PictureLevels;
import rondel.words.Refusal;

/** Two programs work on one job, wait for each other or take it from each other: what the file counts in the end is what both say they have saved. */
final class TwoPrograms implements SoakPart {

    @Override
    public Outcome run(int saves, long seed) throws Exception {
        Path folder = Files.createTempDirectory("rondel-programs");
        Path file = folder.resolve("shared.rondel");
        JobFile.write(SampleJob.make().withTitle("0"), file, PictureLevels.usual());
        List<Process> both = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            both.add(new ProcessBuilder(ChildJava.command(
                            ChildJava.SMALL,
                            Worker.class,
                            file.toString(),
                            Integer.toString(saves / 2),
                            Long.toString(seed * 2 + i)))
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start());
        }
        int saved = 0;
        int kept = 0;
        List<String> faults = new ArrayList<>();
        for (Process p : both) {
            String[] said =
                    new String(p.getInputStream().readAllBytes()).strip().split(" ");
            if (p.waitFor() != 0) {
                faults.add("a program ended with " + p.exitValue());
            } else {
                saved += Integer.parseInt(said[0]);
                kept += Integer.parseInt(said[1]);
            }
        }
        int counted = Integer.parseInt(JobFile.read(file).title());
        if (counted != saved) {
            faults.add("two programs: " + saved + " saves, and " + counted + " counted");
        }
        WholeFolder.delete(folder);
        return new Outcome(saved + " saved, " + kept + " kept from saving with a sentence", faults);
    }

    /** Counts on in the file, as one who opens it, works and saves. */
    static final class Worker {

        private static final PictureLevels PICTURES = PictureLevels.usual();

        private Worker() {}

        public static void main(String[] args) throws Exception {
            Path file = Path.of(args[0]);
            Random random = new Random(Long.parseLong(args[2]));
            int saved = 0;
            int kept = 0;
            for (int i = 0; i < Integer.parseInt(args[1]); i++) {
                try {
                    Optional<JobLock> lock = random.nextInt(4) == 0
                            ? JobLock.takeOver(file)
                            : JobLock.take(file, Duration.ofSeconds(10));
                    try (JobLock held = lock.orElseThrow()) {
                        count(file, held, random);
                        saved++;
                    }
                } catch (Refusal e) {
                    kept++;
                }
            }
            System.out.println(saved + " " + kept);
        }

        private static void count(Path file, JobLock held, Random random) throws Exception {
            Optional<FileStamp> read = FileStamp.of(file);
            int now = Integer.parseInt(JobFile.read(file).title());
            Thread.sleep(random.nextInt(8));
            if (!held.isHeld()) {
                throw Refusal.of("file.changedOutside", file);
            }
            JobFile.write(
                    SampleJob.make().withTitle(Integer.toString(now + 1)),
                    file,
                    new Replacing.OnlyWhatWasRead(read),
                    PICTURES);
        }
    }
}
