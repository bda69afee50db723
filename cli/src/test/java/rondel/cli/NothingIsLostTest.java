package rondel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import rondel.formats.job.JobLock;

/** No command writes over what is there, and two commands at once on one job both count. */
class NothingIsLostTest extends CommandLineFixture {

    private Path picture() throws IOException {
        Path job = page();
        Path png = folder.resolve("shell.png");
        rondel("export", job, "-o", png, "--ppi", 20);
        return png;
    }

    @Test
    void anOriginalIsNeverWhatIsWritten() throws Exception {
        Path png = picture();
        byte[] before = Files.readAllBytes(png);
        Run result = rondel("convert", png, "--to", "png", "-d", folder, "--ppi", 10, "--force");
        assertThat(result.code()).isEqualTo(1);
        assertThat(result.err()).contains("reads");
        assertThat(Files.readAllBytes(png)).isEqualTo(before);
    }

    @Test
    void whatIsThereStaysUnlessForceIsSaid() throws Exception {
        Path job = page();
        rondel("place", job, file("star.svg", STAR));
        byte[] full = Files.readAllBytes(job);
        assertThat(rondel("new", "-o", job, "--sheet", "4x6in").code()).isEqualTo(1);
        assertThat(Files.readAllBytes(job)).isEqualTo(full);
        Path other = file("other.rondel", "something");
        Path recipe = file("r.json", "[{\"operation\":\"set-title\",\"title\":\"x\"}]");
        assertThat(rondel("apply", job, recipe, "-o", other).err()).contains("--force");
        assertThat(other).hasContent("something");
        assertThat(rondel("apply", job, recipe, "-o", recipe, "--force").err()).contains("reads");
        assertThat(rondel("apply", job, recipe, "-o", other, "--force").code()).isZero();
        assertThat(info(other).at("/title").asText()).isEqualTo("x");
        Path svg = file("page.svg", "mine");
        assertThat(rondel("export", job, "-o", svg).code()).isEqualTo(1);
        assertThat(svg).hasContent("mine");
        assertThat(rondel("export", job, "-o", svg, "--force").code()).isZero();
        assertThat(rondel("apply", job, recipe, "-o", job).code())
                .as("in place")
                .isZero();
    }

    @Test
    void aJobThatIsBeingWorkedOnIsNotChanged() throws Exception {
        Path job = page();
        Path recipe = file("r.json", "[{\"operation\":\"set-title\",\"title\":\"x\"}]");
        List<String> command = new ArrayList<>(childCommand());
        command.addAll(List.of(Holder.class.getName(), job.toString()));
        Process holder = new ProcessBuilder(command).redirectErrorStream(true).start();
        try {
            assertThat(holder.getInputStream().read()).isEqualTo('h');
            assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> JobLock.take(job, Duration.ZERO)))
                    .hasMessageContaining("being worked on by " + System.getProperty("user.name"));
        } finally {
            holder.destroyForcibly().waitFor();
        }
        assertThat(folder.resolve(".page.rondel.lock")).as("left over").exists();
        assertThat(rondel("apply", job, recipe).code()).as("taken over").isZero();
        assertThat(folder.resolve(".page.rondel.lock")).doesNotExist();
    }

    @Test
    void twoCommandsAtOnceOnOneJobBothCount() throws Exception {
        Path job = page();
        Path star = file("star.svg", STAR);
        List<Process> all = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            List<String> command = new ArrayList<>(childCommand());
            command.addAll(List.of(Placer.class.getName(), job.toString(), star.toString()));
            all.add(new ProcessBuilder(command).inheritIO().start());
        }
        for (Process p : all) {
            assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
            assertThat(p.exitValue()).isZero();
        }
        assertThat(info(job).at("/sheets/0/elements")).hasSize(3);
    }

    private static List<String> childCommand() {
        return Stream.of(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("java.class.path"))
                .toList();
    }

    /** Holds a job until it is killed. */
    static final class Holder {
        public static void main(String[] args) throws Exception {
            JobLock.take(Path.of(args[0]), Duration.ZERO).orElseThrow();
            System.out.print("h");
            System.out.flush();
            Thread.sleep(60_000);
        }
    }

    /** Places a file on a job. */
    static final class Placer {
        public static void main(String[] args) {
            System.exit(RondelCommand.run(
                    new String[] {"place", args[0], args[1]}, System.out, System.err, java.util.Map.of()));
        }
    }
}
