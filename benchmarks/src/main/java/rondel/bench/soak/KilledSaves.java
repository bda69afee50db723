package rondel.bench.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import rondel.bench.Outlines;
import rondel.compose.sheets.SetTitle;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.JobFile;
import rondel.formats.journal.JournalWriter;
import rondel.formats.journal.LeftOver;
import rondel.job.Job;

/** Programs that each save four jobs at once without pause, and write their journals, are killed at random moments: each file opens as an old or a new one, and
 *  with what the journal has, nothing is lost that the program had said is safe. */
final class KilledSaves implements SoakPart {

    private static final String SAID = "said";

    /** Programs at a time. */
    private static final int AT_ONCE = 2;

    /** Jobs that a program saves at a time: to start one takes far longer than it lives. */
    private static final int JOBS = 4;

    private static final int ELEMENTS = 400;

    /** The longest that a program lives after its first saves, in ms. */
    private static final int LIFE = 150;

    private final List<String> faults = new ArrayList<>();
    private int saves;
    private int halves;

    @Override
    public Outcome run(int kills, long seed) throws Exception {
        Path folder = Files.createTempDirectory("rondel-kills");
        Random random = new Random(seed);
        int programs = (kills + JOBS - 1) / JOBS;
        for (int done = 0; done < programs; done += AT_ONCE) {
            List<Process> savers = new ArrayList<>();
            for (int i = 0; i < AT_ONCE; i++) {
                Path own = Files.createDirectories(folder.resolve(Integer.toString(done + i)));
                savers.add(new ProcessBuilder(ChildJava.command(ChildJava.SMALL, Saver.class, own.toString()))
                        .redirectOutput(own.resolve(SAID).toFile())
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start());
            }
            for (int i = 0; i < AT_ONCE; i++) {
                Path own = folder.resolve(Integer.toString(done + i));
                List<String> said = killed(savers.get(i), own.resolve(SAID), random.nextInt(LIFE));
                for (int job = 0; job < JOBS; job++) {
                    check(own.resolve(Integer.toString(job)), last(said, job));
                }
                WholeFolder.delete(own);
            }
        }
        WholeFolder.delete(folder);
        return new Outcome(
                programs + " programs killed while each saved " + JOBS + " jobs, after " + saves + " edits; " + halves
                        + " files were half written then",
                faults);
    }

    /** @return what the program had said by then, without a last line that it was killed in */
    private static List<String> killed(Process saver, Path said, int after) throws IOException, InterruptedException {
        while (Files.size(said) == 0 && saver.isAlive()) {
            Thread.sleep(5);
        }
        Thread.sleep(after);
        saver.destroyForcibly().waitFor(10, TimeUnit.SECONDS);
        String all = Files.readString(said);
        return all.substring(0, all.lastIndexOf('\n') + 1).lines().toList();
    }

    /** The number of the last edit of a job that is safe. */
    private static int last(List<String> said, int job) {
        return said.stream()
                .filter(l -> l.startsWith(job + " "))
                .mapToInt(l -> Integer.parseInt(l.substring(l.indexOf(' ') + 1)))
                .max()
                .orElse(0);
    }

    private void check(Path own, int safe) throws IOException {
        saves += safe;
        try (Stream<Path> all = Files.list(own)) {
            halves += (int) all.filter(f -> f.toString().endsWith(".part")).count();
        }
        try {
            Job saved = JobFile.read(own.resolve("job.rondel"));
            int newest = Integer.parseInt(saved.title());
            List<String> unreadable = new ArrayList<>();
            for (LeftOver left : LeftOver.in(own.resolve("journals"), unreadable::add)) {
                newest = Math.max(newest, Integer.parseInt(left.history().job().title()));
            }
            if (newest < safe || !unreadable.isEmpty()) {
                faults.add("kill " + own + ": " + newest + " is left of " + safe + " " + unreadable);
            }
            if (saved.everything().count() != ELEMENTS) {
                faults.add("kill " + own + ": elements are missing");
            }
        } catch (RuntimeException e) {
            faults.add("kill " + own + ": " + e);
        }
    }

    /** Edits, writes the journal, saves, and says the number of each edit once it is safe. */
    static final class Saver {

        private Saver() {}

        public static void main(String[] args) throws IOException {
            Thread.ofPlatform().daemon().start(Saver::endWithTheParent);
            Job job = Outlines.job(ELEMENTS).withTitle("0");
            for (int i = 0; i < JOBS; i++) {
                Path own = Files.createDirectories(Path.of(args[0], Integer.toString(i)));
                save(job, own.resolve("job.rondel"));
            }
            for (int i = 0; i < JOBS; i++) {
                int number = i;
                new Thread(() -> work(job, Path.of(args[0], Integer.toString(number)), number)).start();
            }
        }

        /** Whoever kills it may be killed first. */
        private static void endWithTheParent() {
            try {
                while (System.in.read() >= 0) {
                    // nothing is said to it
                }
            } catch (IOException e) {
                System.err.println(e.getMessage());
            }
            Runtime.getRuntime().halt(1);
        }

        private static void work(Job start, Path own, int number) {
            Path file = own.resolve("job.rondel");
            Job job = start;
            try (JournalWriter journal = new JournalWriter(own.resolve("journals"), job, Optional.of(file))) {
                for (int i = 1; ; i++) {
                    SetTitle edit = new SetTitle(Integer.toString(i));
                    job = edit.apply(job);
                    journal.done(edit);
                    System.out.println(number + " " + i);
                    if (i % 3 == 0) {
                        save(job, file);
                        journal.saved(job, file);
                    }
                }
            }
        }

        /** As a save does, with a preview that was painted before: painting would be most of such a short life. */
        private static void save(Job job, Path file) {
            AtomicFile.write(file, out -> JobFile.write(job, Optional.of(new byte[] {1}), out));
        }
    }
}
