package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.formats.job.RecentJobs.Entry;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.units.LengthUnit;

/** Jobs that were opened or saved last. */
class RecentJobsTest {

    @TempDir
    private Path folder;

    @Test
    void theLastIsFirstEachIsThereOnceAndWhatIsGoneIsNotListed() throws Exception {
        RecentJobs recent = new RecentJobs(folder.resolve("own/recent.json"));
        assertThat(recent.all()).isEmpty();
        Path a = Files.createFile(folder.resolve("a.rondel"));
        Path b = Files.createFile(folder.resolve("b.rondel"));
        recent.add(a, "Tags");
        recent.add(b, "Cards");
        recent.add(a, "Tags again");
        assertThat(recent.all()).extracting(Entry::title).containsExactly("Tags again", "Cards");
        Files.delete(b);
        assertThat(new RecentJobs(folder.resolve("own/recent.json")).all()).hasSize(1);
        Files.writeString(folder.resolve("own/recent.json"), "[");
        assertThat(recent.all()).isEmpty();
    }

    @Test
    void aJobFileCarriesItsPicture() {
        Path file = folder.resolve("page.rondel");
        JobFile.write(Job.blank("Page", LengthUnit.MM, 100, 80), file, PictureLevels.usual());
        assertThat(RecentJobs.preview(file))
                .hasValueSatisfying(png -> assertThat(png).startsWith((byte) 0x89, (byte) 'P', (byte) 'N', (byte) 'G'));
        assertThat(RecentJobs.preview(folder.resolve("none.rondel"))).isEmpty();
    }
}
