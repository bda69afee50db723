package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Rename;
import rondel.desktop.files.Questions;
import rondel.formats.files.JavaProgram;
import rondel.formats.job.JobFile;
import rondel.formats.journal.JournalWriter;
import rondel.formats.journal.LeftOver;
import rondel.formats.journal.LetGo;
import rondel.formats.picture.PictureLevels;
import rondel.job.ElementId;
import rondel.job.Job;

/** Work that a crash left behind, offered in a real window. */
class RecoveryTest extends BenchFixture {

    private static final List<ElementId> LEAF = List.of(new ElementId("leaf"));

    @TempDir
    private Path folder;

    /** A journal whose window is gone: its lock is free, as after a kill. */
    private Job crashed(Optional<Path> origin) throws Exception {
        Job job = SampleJob.make();
        Path journals = folder.resolve("live");
        try (JournalWriter journal = new JournalWriter(journals, job, origin)) {
            Job moved = new Move(LEAF, 10, 20).apply(job);
            journal.done(new Move(LEAF, 10, 20));
            journal.done(new Rename(LEAF, "Moved"));
            journal.undone(moved);
            Path left = only(journals);
            Path copy = Files.createDirectories(folder.resolve("left")).resolve("a");
            Files.createDirectories(copy);
            try (Stream<Path> files = Files.list(left)) {
                for (Path f : files.toList()) {
                    Files.copy(f, copy.resolve(f.getFileName()));
                }
            }
        }
        return new Move(LEAF, 10, 20).apply(job);
    }

    private static Path only(Path folder) throws Exception {
        try (Stream<Path> all = Files.list(folder)) {
            return all.findFirst().orElseThrow();
        }
    }

    private JournalRecorder offered() throws Exception {
        JournalRecorder recorder = WaitForAsyncUtils.asyncFx(
                        () -> new JournalRecorder(folder.resolve("new"), bench, notices))
                .get();
        onFx(() -> new Recovery(desk, window.actions(), answers, recorder).offer(folder.resolve("left")));
        return recorder;
    }

    @Test
    void whatWasDoneBeforeTheCrashComesBackWithItsUndoAndIsUnsaved() throws Exception {
        Path file = folder.resolve("sample.rondel");
        JobFile.write(SampleJob.make(), file, PictureLevels.usual());
        Job wanted = crashed(Optional.of(file));
        try (JournalRecorder recorder = offered()) {
            assertThat(recorder).isNotNull();
            WaitForAsyncUtils.waitFor(
                    20, TimeUnit.SECONDS, () -> bench.job().title().equals("Sample"));
            calm();
            assertThat(bench.job()).isEqualTo(wanted);
            assertThat(bench.file()).contains(file);
            assertThat(bench.unsaved()).isTrue();
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> isEmpty(folder.resolve("left")));
            assertThat(isEmpty(folder.resolve("new"))).isFalse();
            onFx(bench::undo);
            assertThat(bench.job()).isEqualTo(SampleJob.make());
        }
    }

    @Test
    void nothingButASecondYesPutsWorkAwayAndItIsKeptForAMonth() throws Exception {
        crashed(Optional.empty());
        Path left = folder.resolve("left");
        Job before = bench.job();
        answers.recover = Questions.LeftOverAnswer.NOT_NOW;
        try (JournalRecorder recorder = offered()) {
            calm();
            assertThat(left.resolve("a")).as("not now").isDirectory();
            answers.recover = Questions.LeftOverAnswer.LET_GO;
            onFx(() -> new Recovery(desk, window.actions(), answers, recorder).offer(left));
            calm();
            assertThat(left.resolve("a")).as("not sure").isDirectory();
            answers.letGo = true;
            onFx(() -> new Recovery(desk, window.actions(), answers, recorder).offer(left));
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !Files.exists(left.resolve("a")));
            assertThat(bench.job()).isSameAs(before);
        }
        assertThat(left.resolve("let-go/a/base.rondel")).exists();
        LetGo.clear(left, Instant.now().plus(Duration.ofDays(29)));
        assertThat(left.resolve("let-go/a")).exists();
        LetGo.clear(left, Instant.now().plus(Duration.ofDays(31)));
        assertThat(left.resolve("let-go/a")).doesNotExist();
    }

    @Test
    void leftOverWorkThatIsDamagedIsSaidAndKept() throws Exception {
        crashed(Optional.empty());
        Files.writeString(folder.resolve("left/a/base.rondel"), "torn");
        try (JournalRecorder recorder = offered()) {
            assertThat(recorder).isNotNull();
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> notice().contains("base.rondel"));
            assertThat(isEmpty(folder.resolve("left"))).isFalse();
        }
    }

    @Test
    void anEditThatEndsTheProgramTakesNoneOfThoseBeforeItAlong() throws Exception {
        Path journals = folder.resolve("journals");
        Process program = new ProcessBuilder(JavaProgram.command(
                        List.of("-XX:TieredStopAtLevel=1"), CrashingProgram.class, journals.toString()))
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("said").toFile())
                .start();
        assertThat(program.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(program.exitValue())
                .as(Files.readString(folder.resolve("said")))
                .isEqualTo(3);
        List<String> unreadable = new ArrayList<>();
        List<LeftOver> left = LeftOver.in(journals, unreadable::add);
        assertThat(unreadable).isEmpty();
        assertThat(left).singleElement().satisfies(l -> assertThat(l.history().job())
                .isEqualTo(new Move(LEAF, 10, 20).apply(SampleJob.make())));
    }

    private static boolean isEmpty(Path folder) throws Exception {
        if (!Files.exists(folder)) {
            return true;
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.findAny().isEmpty();
        }
    }
}
