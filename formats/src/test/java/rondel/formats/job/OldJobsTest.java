package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;

/** Job files as every Rondel so far has written them open, with all that is in them, and stay the same when they are saved. */
class OldJobsTest {

    @TempDir
    Path folder;

    static Stream<Path> jobs() throws Exception {
        Path old = Path.of(OldJobsTest.class.getResource("/rondel/old-jobs").toURI());
        try (Stream<Path> files = Files.list(old)) {
            return files.sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void anOldJobOpensWhole(Path file) throws Exception {
        Job job = JobFile.read(file);
        JsonNode root;
        try (ZipFile zip = new ZipFile(file.toFile())) {
            root = new ObjectMapper().readTree(zip.getInputStream(zip.getEntry("job.json")));
        }
        assertThat(job.sheets()).hasSize(root.get("sheets").size());
        long written =
                root.get("sheets").findValuesAsText("id").stream().distinct().count();
        long read = Stream.concat(
                        job.sheets().stream().map(s -> s.id().value()),
                        job.everything().map(e -> e.id().value()))
                .distinct()
                .count();
        assertThat(read).isGreaterThanOrEqualTo(written);
        Path saved = folder.resolve("saved.rondel");
        JobFile.write(job, saved, PictureLevels.usual());
        assertThat(JobFile.read(saved)).isEqualTo(job);
    }
}
