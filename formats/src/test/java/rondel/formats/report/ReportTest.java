package rondel.formats.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.files.Replacing;

class ReportTest {

    @TempDir
    Path folder;

    @BeforeEach
    void own() {
        System.setProperty("rondel.state", folder.resolve("state").toString());
    }

    @AfterEach
    void usual() {
        System.clearProperty("rondel.state");
    }

    @Test
    void aReportHasTheEndOfTheLogThePreferencesAndFiguresAndNothingElse() throws Exception {
        Files.createDirectories(folder.resolve("state/logs"));
        Files.writeString(folder.resolve("state/logs/rondel.log"), "x".repeat(300_000) + "\nthe end of it");
        Files.writeString(folder.resolve("state/preferences.json"), "{\"theme\":\"dark\"}");
        Files.createDirectories(folder.resolve("state/shops"));
        Files.writeString(folder.resolve("state/shops/shop"), "a-secret");
        Report report = Report.collected(Map.of("sheets", "3"));
        Path zip = folder.resolve("report.zip");
        report.write(zip, Replacing.NOTHING);
        Map<String, String> read = new TreeMap<>();
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                read.put(e.getName(), new String(in.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        assertThat(read).containsOnlyKeys("figures.txt", "preferences.json", "rondel.log");
        assertThat(read.get("figures.txt")).contains("rondel: " + Release.VERSION, "sheets: 3", "java: ");
        assertThat(read.get("rondel.log")).hasSize(200_000).endsWith("the end of it");
        assertThat(read.values()).noneMatch(t -> t.contains("a-secret"));
    }

    @Test
    void whereThereIsNoLogThatIsSaid() throws Exception {
        assertThat(Report.collected(Map.of()).parts()).containsEntry("rondel.log", "There is no log.");
    }
}
