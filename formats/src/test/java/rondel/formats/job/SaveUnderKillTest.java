package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.JavaProgram;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.units.LengthUnit;

/** A process that saves without pause is killed at random moments: the job always opens, as an old or a new one. */
class SaveUnderKillTest {

    private static final int KILLS = 20;
    private static final int AT_ONCE = 5;

    @TempDir
    private Path folder;

    /** Saves jobs titled 1, 2, 3 … until it is killed. */
    static final class Saver {
        public static void main(String[] args) {
            Job job = large();
            System.out.println("saving");
            for (int i = 1; ; i++) {
                Job next = job.withTitle(Integer.toString(i));
                AtomicFile.write(
                        Path.of(args[0]), out -> JobFile.write(next, java.util.Optional.of(new byte[] {1}), out));
            }
        }
    }

    /** A job whose file takes some milliseconds to write, quick to make in a process that has just started. */
    static Job large() {
        Job job = Job.blank("", LengthUnit.MM, 300, 300);
        List<Element> many = new ArrayList<>();
        for (int i = 0; i < 4000; i++) {
            many.add(new ShapeElement(
                    Traits.named("").withId(new ElementId("e" + i)),
                    Outline.rectangle(new Box(i % 60 * 5, i / 60 * 4.0, 4, 3)),
                    FillRule.NON_ZERO,
                    Paint.solid(Rgba.BLACK),
                    Optional.empty()));
        }
        return job.withSheet(job.sheets().getFirst().id(), s -> s.withElements(many));
    }

    @Test
    void theJobAlwaysOpens() throws Exception {
        Random random = new Random(5);
        Job start = large();
        for (int round = 0; round < KILLS / AT_ONCE; round++) {
            List<Path> files = java.util.stream.IntStream.range(0, AT_ONCE)
                    .mapToObj(i -> folder.resolve("job" + i + ".rondel"))
                    .toList();
            List<Process> savers = new ArrayList<>();
            for (Path file : files) {
                JobFile.write(start, file, Fixtures.PICTURES);
                savers.add(saver(file));
            }
            for (Process saver : savers) {
                assertThat(saver.inputReader().readLine()).isEqualTo("saving");
            }
            for (Process saver : savers) {
                Thread.sleep(random.nextInt(120));
                saver.destroyForcibly();
                assertThat(saver.waitFor(10, TimeUnit.SECONDS)).isTrue();
            }
            for (Path file : files) {
                Job found = JobFile.read(file);
                assertThat(found.withTitle("")).isEqualTo(start.withTitle(""));
            }
        }
    }

    private static Process saver(Path file) throws java.io.IOException {
        return new ProcessBuilder(JavaProgram.command(
                        List.of("-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC"), Saver.class, file.toString()))
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }
}
