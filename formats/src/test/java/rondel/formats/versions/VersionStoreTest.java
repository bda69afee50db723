package rondel.formats.versions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.words.Refusal;

/** Which versions are kept, where, and for how long. */
class VersionStoreTest {

    @TempDir
    Path folder;

    private Path job;
    private final Ticking clock = new Ticking();

    /** A clock that is set by hand. */
    private static final class Ticking extends Clock {
        private Instant now = Instant.parse("2026-03-01T09:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    @BeforeEach
    void save() throws Exception {
        job = folder.resolve("tide page.rondel");
        Files.writeString(job, "first");
    }

    @Test
    void aClockThatIsSetBackMakesNoNewVersionAnOldOne() throws Exception {
        for (int i = 0; i < 25; i++) {
            saved("save " + i);
            clock.now = clock.now.plusSeconds(1);
        }
        clock.now = clock.now.minus(Duration.ofDays(400));
        saved("after the clock was set back");
        saved("and once more");
        assertThat(store().all()).hasSize(VersionStore.LAST);
        assertThat(store().all().getFirst().file()).hasContent("and once more");
        assertThat(store().all().get(1).file()).hasContent("after the clock was set back");
    }

    private VersionStore store() {
        return new VersionStore(job, folder.resolve("own"), clock);
    }

    private void saved(String content) throws Exception {
        Files.writeString(job, content);
        store().keep();
    }

    @Test
    void eachSaveIsKeptOnceTheNewestFirst() throws Exception {
        saved("first");
        clock.now = clock.now.plusSeconds(60);
        saved("first");
        saved("second");
        assertThat(store().all()).hasSize(2);
        assertThat(store().all().getFirst().file()).hasContent("second");
        assertThat(store().all().getFirst().bytes()).isEqualTo(6);
        saved("third");
        assertThat(store().all().getLast().file()).hasContent("first");
        assertThat(store().all()).hasSize(3);
    }

    @Test
    void theLastTwentyAndTheLastOfEachDayStay() throws Exception {
        for (int day = 0; day < 10; day++) {
            for (int i = 0; i < 6; i++) {
                saved("day " + day + " save " + i);
                clock.now = clock.now.plus(Duration.ofMinutes(10));
            }
            clock.now = clock.now.plus(Duration.ofHours(23));
        }
        // The last 20 are of four days; of the six days before the last one each.
        assertThat(store().all()).hasSize(26);
        assertThat(store().all().getLast().file()).hasContent("day 0 save 5");
        assertThat(store().all().get(19).file()).hasContent("day 6 save 4");
        assertThat(store().all().get(20).file()).hasContent("day 5 save 5");
    }

    @Test
    void theyMoveBesideTheJobAndBackAndOtherFilesAreNoVersions() throws Exception {
        saved("first");
        saved("second");
        store().keepBeside(true);
        assertThat(folder.resolve(".tide page.rondel.versions")).isDirectory();
        assertThat(store().all()).hasSize(2);
        Files.writeString(folder.resolve(".tide page.rondel.versions/notes.rondel"), "mine");
        assertThat(store().all()).hasSize(2);
        saved("third");
        store().keepBeside(false);
        assertThat(store().isBeside()).isFalse();
        assertThat(store().all()).hasSize(3);
    }

    @Test
    void whatCannotBeKeptIsSaidAndTheJobStaysAsItIs() throws Exception {
        Files.writeString(folder.resolve("own"), "a file where the folder should be");
        assertThatThrownBy(() -> store().keep())
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("is saved, but no version of it could be kept");
        assertThat(job).hasContent("first");
    }
}
