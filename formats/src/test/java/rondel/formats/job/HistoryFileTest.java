package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.history.JobStore;
import rondel.job.Job;

class HistoryFileTest {

    @TempDir
    private Path folder;

    @Test
    void jobsAreReadAsTheyWerePutWhoeverAsksAndNothingIsToBeSeenOfThem() throws Exception {
        Job sample = SampleJob.make();
        Job everything = JobFileTest.everything();
        try (HistoryFile file = new HistoryFile(folder)) {
            List<JobStore.Stored> places = List.of(file.put(sample), file.put(everything), file.put(sample));
            Thread.currentThread().interrupt();
            assertThat(places.get(1).read()).isEqualTo(everything);
            assertThat(Thread.interrupted()).isTrue();
            assertThat(places.get(0).read()).isEqualTo(sample);
            assertThat(places.get(2).read()).isEqualTo(sample);
        }
        assertThat(folder).isEmptyDirectory();
    }
}
