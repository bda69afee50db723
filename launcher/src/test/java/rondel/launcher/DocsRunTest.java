package rondel.launcher;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.cli.RondelCommand;

/** Every command and every recipe in README and docs does what it says, in the folder that {@code rondel demo files} makes. */
@Execution(ExecutionMode.CONCURRENT)
class DocsRunTest {

    private static final Path ROOT = Path.of("").toAbsolutePath().getParent();

    @TempDir
    private Path folder;

    /** What runs in one folder, one page after another: pages that make files of the same name each by itself. */
    static Stream<List<String>> pages() throws IOException {
        List<List<String>> all = new ArrayList<>();
        all.add(List.of("README.md"));
        all.add(List.of("docs/command-line.md"));
        // The walks show no recipes, and have a test of their own.
        all.add(in(ROOT.resolve("docs")).stream()
                .filter(p -> hasCommands(p) && !p.endsWith("walks.md") && !p.endsWith("command-line.md"))
                .map(p -> ROOT.relativize(p).toString())
                .toList());
        List<Path> howTos = in(ROOT.resolve("docs/how-to"));
        assertThat(howTos).hasSizeGreaterThanOrEqualTo(12).allMatch(DocsRunTest::hasCommands);
        all.add(howTos.stream().map(f -> ROOT.relativize(f).toString()).toList());
        return all.stream();
    }

    private static List<Path> in(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().endsWith(".md")).sorted().toList();
        }
    }

    private static boolean hasCommands(Path page) {
        try (Stream<String> lines = Files.lines(page)) {
            return lines.anyMatch(l -> DocsPage.COMMAND.matcher(l).matches());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("pages")
    void whatThePageSaysIsDone(List<String> pages) throws Exception {
        assertThat(RondelCommand.run(
                        new String[] {"demo", "files", folder.toString()}, System.err, System.err, Main.windowed()))
                .isZero();
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx1g",
                "-Xshare:auto",
                "-XX:+UseSerialGC",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-Drondel.state=" + folder.resolve("state"),
                "-Duser.language=en",
                "-cp",
                System.getProperty("java.class.path"),
                DocsPage.class.getName()));
        pages.forEach(p -> command.add(ROOT.resolve(p).toString()));
        ProcessBuilder program =
                new ProcessBuilder(command).directory(folder.toFile()).redirectError(ProcessBuilder.Redirect.DISCARD);
        program.environment().putAll(Map.of("HOME", folder.toString()));
        Process run = program.start();
        String failed = new String(run.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(run.waitFor(5, TimeUnit.MINUTES)).isTrue();
        assertThat(failed).isEmpty();
        assertThat(run.exitValue()).isZero();
    }
}
