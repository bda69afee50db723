package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.Fixtures;
import rondel.gang.copies.CopiesFollow;
import rondel.job.Job;

/** The schema in docs says what job files are: a validator that is not ours finds nothing wrong with any that Rondel writes, and much with others. */
class JobSchemaTest {

    private static final JsonSchema SCHEMA = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
            .getSchema(read(Path.of("..", "docs", "job.schema.json")));

    @TempDir
    private Path folder;

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Set<ValidationMessage> faults(Job job) throws IOException {
        // As a reader would have it, who knows texts and no trees of ours.
        JsonNode written = new ObjectMapper().readTree(JobJson.write(job).toString());
        return SCHEMA.validate(written);
    }

    @Test
    void whateverIsWrittenIsAsTheSchemaSays() throws Exception {
        assertThat(faults(JobFileTest.everything())).isEmpty();
        for (long seed = 1; seed <= 12; seed++) {
            Job job = CopiesFollow.shown(new RandomEdits(seed).after(80));
            assertThat(faults(job)).as("seed %d", seed).isEmpty();
        }
    }

    @Test
    void theJobsThatShipAndThoseOfEveryStateOfTheFormatAreToo() throws Exception {
        List<String> demo = List.of(
                "tide-page",
                "planner-stickers",
                "scrapbook-page",
                "tide-card",
                "boat-boxes",
                "sticker-sheet",
                "shell-whale",
                "lettering-sign",
                "photo-stickers",
                "salt-jar-tags",
                "nested-leaves",
                "sticker-run",
                "name-plate",
                "whale-patch");
        for (String name : demo) {
            Path file = Files.write(folder.resolve(name), Fixtures.resource("/rondel/demo/jobs/" + name + ".rondel"));
            assertThat(faults(JobFile.read(file))).as(name).isEmpty();
        }
        for (Path old : OldJobsTest.jobs().toList()) {
            assertThat(faults(JobFile.read(old))).as("%s", old).isEmpty();
        }
    }

    @Test
    void whatIsNoJobIsToldFromOne() throws Exception {
        String job = JobJson.write(JobFileTest.everything()).toString();
        ObjectMapper mapper = new ObjectMapper();
        for (String wrong : List.of(
                job.replaceFirst("\"unit\":\"in\"", "\"unit\":\"furlong\""),
                job.replaceFirst("\"width_mm\":[0-9.]+", "\"width_mm\":\"wide\""),
                job.replaceFirst("\"kind\":\"[a-z]+\"", "\"kind\":\"riddle\""),
                job.replaceFirst("\"title\":", "\"name\":"))) {
            assertThat(wrong).isNotEqualTo(job);
            assertThat(SCHEMA.validate(mapper.readTree(wrong)))
                    .as(wrong.substring(0, 200))
                    .isNotEmpty();
        }
    }
}
