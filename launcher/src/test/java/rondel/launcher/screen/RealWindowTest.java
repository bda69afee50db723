package rondel.launcher.screen;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.desktop.files.DemoJobs;
import rondel.formats.job.JobFile;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;

/** The window on a real display with the system's toolkit libraries, as on a desktop: {@code ./rondel test -Pdesktop}. */
@Tag("desktop")
class RealWindowTest {

    @TempDir
    Path folder;

    @Test
    void theDemoIsWrittenOnNudgedSavedExportedAndClosed() throws Exception {
        String said = workAtTheWindow();
        assertThat(said).contains(WorksAtTheWindow.DONE);

        Job saved = JobFile.read(folder.resolve("page.rondel"));
        Job demo = DemoJobs.page();
        Element added = saved.sheets().getFirst().elements().getLast();
        assertThat(added.kind()).isEqualTo("text");
        assertThat(saved.sheets().getFirst().elements())
                .hasSize(demo.sheets().getFirst().elements().size() + 1);
        double middle =
                Extent.onSheet(saved.located(added.id())).orElseThrow().centre().x();
        double before = said.lines()
                .filter(l -> l.startsWith(WorksAtTheWindow.ADDED_AT))
                .mapToDouble(l -> Double.parseDouble(l.substring(WorksAtTheWindow.ADDED_AT.length())))
                .findFirst()
                .orElseThrow();
        assertThat(middle)
                .as("nudged twice")
                .isCloseTo(before + 2 * saved.unit().fineNudge(), within(1e-6));

        try (PDDocument pdf = Loader.loadPDF(folder.resolve("page.pdf").toFile())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isGreaterThanOrEqualTo(12 * 72f);
        }
    }

    private String workAtTheWindow() throws Exception {
        Path said = folder.resolve("said.txt");
        try (VirtualDisplay display = VirtualDisplay.start()) {
            ProcessBuilder window = new ProcessBuilder(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "--enable-native-access=ALL-UNNAMED",
                    "--sun-misc-unsafe-memory-access=allow",
                    "-Djava.awt.headless=true",
                    "-Dprism.order=sw",
                    "-Drondel.state=" + folder.resolve("state"),
                    "-XX:ErrorFile=" + folder.resolve("crash.log"),
                    "-cp",
                    System.getProperty("java.class.path"),
                    WorksAtTheWindow.class.getName(),
                    folder.toString(),
                    Files.createDirectories(Path.of("target", "screen")).toString());
            window.environment().put("DISPLAY", display.name());
            window.environment().remove("WAYLAND_DISPLAY");
            // No settings service is asked for; there may be none.
            window.environment().put("GSETTINGS_BACKEND", "memory");
            Process process = window.redirectErrorStream(true)
                    .redirectOutput(said.toFile())
                    .start();
            boolean ended = process.waitFor(4, TimeUnit.MINUTES);
            process.destroyForcibly();
            String output = Files.readString(said, StandardCharsets.UTF_8);
            assertThat(ended).as("it ends; it said %s", output).isTrue();
            assertThat(process.exitValue()).as(output).isZero();
            return output;
        }
    }
}
