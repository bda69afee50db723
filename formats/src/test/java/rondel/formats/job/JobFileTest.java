package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.files.AtomicFile;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class JobFileTest {

    @TempDir
    private Path folder;

    private Path file;

    @BeforeEach
    void target() {
        file = folder.resolve("page.rondel");
    }

    static Job everything() {
        Job job = Job.blank("Everything", LengthUnit.IN, 304.8, 304.8);
        for (String name : Fixtures.demoArtwork()) {
            job = ArtworkPlacement.CENTRED
                    .onto(job.sheets().getFirst(), Fixtures.demo(name))
                    .operation()
                    .apply(job);
        }
        return job;
    }

    private void write(Map<String, byte[]> parts) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            for (var part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
                zip.closeEntry();
            }
        }
    }

    private static byte[] json(Job job, java.util.function.Consumer<ObjectNode> change) {
        ObjectNode node = JobJson.write(job);
        change.accept(node);
        return node.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void refused(String... parts) {
        assertThatThrownBy(() -> JobFile.read(file))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("page.rondel")
                .hasMessageContainingAll(parts);
    }

    @Test
    void aJobComesBackIdenticalAndTheSameJobGivesTheSameBytes() throws IOException {
        Job job = everything();
        JobFile.write(job, file, Fixtures.PICTURES);
        assertThat(JobFile.read(file)).isEqualTo(job);
        byte[] once = Files.readAllBytes(file);
        JobFile.write(JobFile.read(file), file, Fixtures.PICTURES);
        assertThat(Files.readAllBytes(file)).isEqualTo(once);
    }

    @Test
    void fieldsOfALaterVersionSurviveARoundTrip() throws IOException {
        Job job = everything();
        byte[] later = json(job, n -> {
            n.put("format", "1.9").putObject("mood").put("sea", "calm");
            ((ObjectNode) n.get("sheets").get(0)).put("grain", 45);
            ((ObjectNode) n.get("sheets").get(0).get("elements").get(3))
                    .putArray("tags")
                    .add("tide");
        });
        Map<String, byte[]> parts = new java.util.LinkedHashMap<>();
        parts.put("job.json", later);
        job.media()
                .values()
                .forEach(m -> parts.put(
                        "media/" + m.id() + "." + m.extension(), m.bytes().content()));
        write(parts);
        JobFile.write(JobFile.read(file), file, Fixtures.PICTURES);
        JsonNode saved = new ObjectMapper().readTree(JobArchive.entries(file).get("job.json"));
        assertThat(saved.at("/mood/sea").asText()).isEqualTo("calm");
        assertThat(saved.at("/sheets/0/grain").asInt()).isEqualTo(45);
        assertThat(saved.at("/sheets/0/elements/3/tags/0").asText()).isEqualTo("tide");
    }

    @Test
    void aJobFromANewerVersionIsRefused() throws IOException {
        write(Map.of("job.json", json(Job.blank("x", LengthUnit.IN, 10, 10), n -> n.put("format", "2.0"))));
        refused("newer", "2.0");
    }

    @Test
    void damagedJobsAreRefusedWithThePlace() throws IOException {
        Files.writeString(file, "not a zip");
        refused("not a Rondel job");
        write(Map.of("other.txt", new byte[0]));
        refused("not a Rondel job");
        write(Map.of("job.json", "{\"format\":\"1.0\",".getBytes(StandardCharsets.UTF_8)));
        refused("damaged");
        write(Map.of("job.json", json(Job.blank("x", LengthUnit.IN, 10, 10), n -> n.remove("sheets"))));
        refused("damaged", "sheets");
        Job pictures = everything();
        write(Map.of("job.json", json(pictures, n -> {})));
        refused("picture", "missing");
    }

    @Test
    void zipsThatClimbOutOrUnpackWithoutEndAreNotOpened() throws IOException {
        write(Map.of("../../evil.txt", new byte[1], "job.json", new byte[1]));
        refused("../../evil.txt");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
            zip.putNextEntry(new ZipEntry("job.json"));
            byte[] block = new byte[1 << 20];
            for (int i = 0; i < 200; i++) {
                zip.write(block);
            }
            zip.closeEntry();
        }
        refused("unpacks");
    }

    @Test
    void whatCannotBeWrittenLeavesTheOldFileUntouched() throws IOException {
        Files.writeString(file, "old");
        assertThatThrownBy(() -> AtomicFile.write(file, out -> {
                    out.write(new byte[100_000]);
                    throw new IOException("No space left on device");
                }))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("disk is full");
        assertThat(file).hasContent("old");
        try (var left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
        Path nowhere = folder.resolve("no/such/folder/page.rondel");
        assertThatThrownBy(() -> JobFile.write(everything(), nowhere, Fixtures.PICTURES))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("does not exist");
        Path underAFile = file.resolve("page.rondel");
        assertThatThrownBy(() -> AtomicFile.write(underAFile, OutputStream::close))
                .isInstanceOf(Refusal.class);
    }
}
