package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.formats.Fixtures;
import rondel.formats.versions.VersionStore;
import rondel.words.Refusal;

/** What stands beside a file must have a name too, also where the file's own leaves hardly any room. */
class LongNamesTest {

    @TempDir
    private Path folder;

    @Test
    void aNameOf250LettersIsSavedKeptAndHeld() throws Exception {
        Path file = folder.resolve("x".repeat(250 - ".rondel".length()) + ".rondel");
        JobFile.write(SampleJob.make(), file, Fixtures.PICTURES);
        assertThat(JobFile.read(file)).isEqualTo(SampleJob.make());
        VersionStore versions = new VersionStore(file, folder.resolve("own"), Clock.systemUTC());
        versions.keepBeside(true);
        versions.keep();
        assertThat(versions.isBeside()).isTrue();
        assertThat(versions.all()).hasSize(1);
        try (JobLock lock = JobLock.take(file, Duration.ZERO).orElseThrow()) {
            assertThat(lock.isHeld()).isTrue();
            assertThatThrownBy(() -> JobLock.take(file, Duration.ZERO)).isInstanceOf(Refusal.class);
        }
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(f -> f.getFileName().toString())).noneMatch(n -> n.endsWith(".part"));
        }
    }

    @Test
    void aNameThatTheDiskDoesNotTakeIsRefusedWithASentence() {
        assumeTrue(System.getProperty("sun.jnu.encoding").startsWith("UTF"), "a locale that knows such names");
        Path file = folder.resolve("潮".repeat(100) + ".rondel");
        assertThatThrownBy(() -> JobFile.write(SampleJob.make(), file, Fixtures.PICTURES))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("too long");
        assertThat(folder).isEmptyDirectory();
    }
}
