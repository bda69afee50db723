package rondel.handoff.sets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.job.HandOffOutput;
import rondel.job.HandOffOutput.What;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

class ShippedSetsTest {

    private static final Job JOB = Job.blank("Tide", LengthUnit.MM, 100, 100);

    @Test
    void aSetIsFoundByItsNameAndTheJobsOwnGoesFirst() {
        assertThat(ShippedSets.named(JOB, " print SHOP ").name()).isEqualTo("Print shop");
        HandOffSet own = new HandOffSet("Print shop", false, List.of(HandOffOutput.of("{title}.pdf", What.PRINT)));
        assertThat(ShippedSets.named(JOB.withHandOff(List.of(own)), "print shop"))
                .isEqualTo(own);
        assertThatThrownBy(() -> ShippedSets.named(JOB, "fax"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("fax");
    }

    @Test
    void noTwoFilesOfASetWouldHaveOneName() {
        for (HandOffSet set : ShippedSets.ALL) {
            assertThat(set.outputs()).extracting(HandOffOutput::pattern).doesNotHaveDuplicates();
        }
        assertThat(ShippedSets.ALL).extracting(HandOffSet::name).doesNotHaveDuplicates();
    }
}
