package rondel.formats.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static rondel.formats.Fixtures.written;

import org.junit.jupiter.api.Test;
import rondel.formats.job.RandomEdits;
import rondel.formats.page.Page;
import rondel.job.Job;
import rondel.job.Sheet;

/** Whatever has been done to a job, its sheets look in SVG to another reader as they do to us. */
class RandomSheetsTest {

    private static final double NEARLY_ALL = 0.006;

    private static final int JOBS = 20;

    @Test
    void sheetsLookInSvgAsTheyDoToUs() throws Exception {
        int compared = 0;
        for (int seed = 500; seed < 500 + JOBS; seed++) {
            Job job = new RandomEdits(seed).after(60);
            for (Sheet sheet : job.sheets()) {
                Page page = Page.ofSheet(job, sheet.id());
                if (page.width() == page.height()) {
                    compared++;
                    assertThat(OtherReader.difference(
                                    OtherReader.painted(page), OtherReader.seen(written(page), page.width())))
                            .as("seed %d, %s", seed, sheet.name())
                            .isLessThan(NEARLY_ALL);
                }
            }
        }
        assertThat(compared).isGreaterThan(JOBS / 2);
    }
}
