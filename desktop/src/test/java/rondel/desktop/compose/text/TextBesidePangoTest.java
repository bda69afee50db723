package rondel.desktop.compose.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Our shaping library and the system's, which GTK and Pango bring along, live in one process. */
class TextBesidePangoTest {

    @TempDir
    Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"system", "ours"})
    void textIsSetWhicheverShapingLibraryIsLoadedFirst(String first) throws Exception {
        File said = folder.resolve("said.txt").toFile();
        Process program = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "--enable-native-access=ALL-UNNAMED",
                        "--sun-misc-unsafe-memory-access=allow",
                        "-Dglass.platform=Headless",
                        "-Dprism.order=sw",
                        "-XX:ErrorFile=" + folder.resolve("crash.log"),
                        "-cp",
                        System.getProperty("java.class.path"),
                        SetsTextBesidePango.class.getName(),
                        first)
                .redirectErrorStream(true)
                .redirectOutput(said)
                .start();
        boolean ended = program.waitFor(120, TimeUnit.SECONDS);
        program.destroyForcibly();
        String output = java.nio.file.Files.readString(said.toPath(), StandardCharsets.UTF_8);
        assertThat(ended).as("it ends; it said %s", output).isTrue();
        Assumptions.assumeFalse(
                program.exitValue() == SetsTextBesidePango.NO_SYSTEM_LIBRARIES,
                "this machine has no HarfBuzz and Pango");
        assertThat(output).contains(SetsTextBesidePango.DONE);
    }
}
