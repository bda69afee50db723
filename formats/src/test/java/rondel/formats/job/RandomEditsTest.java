package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.formats.Fixtures;
import rondel.gang.copies.CopiesFollow;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Checks;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Whatever edit is written down, about whatever elements and with whatever figures: it is done, or refused with a sentence;
 *  and the job stays sound. */
class RandomEditsTest {

    private static final int STEPS = 120;

    /** How code would write what a person would not. */
    private static final String RECORD = ".*\\w\\[\\w+=.*";

    @TempDir
    private Path folder;

    private final OperationJson json = new OperationJson(MediaStore.inline());

    @RepeatedTest(12)
    void whateverIsAskedIsDoneOrRefusedAndTheJobStaysSound(RepetitionInfo run) throws Exception {
        RandomEdits edits = new RandomEdits(run.getCurrentRepetition());
        Job job = SampleJob.make();
        Map<String, Integer> done = new TreeMap<>();
        for (int i = 0; i < STEPS; i++) {
            JsonNode edit = edits.next(job);
            try {
                Operation operation = json.read(edit.deepCopy());
                Job after = operation.apply(job);
                // What follows refuses what a copy of itself would be in.
                CopiesFollow.shown(after);
                isSound(after, edit);
                assertThat(operation.label()).isNotBlank().doesNotMatch(RECORD);
                assertThat(operation.selects(job, after))
                        .as("what is selected after %s", edit)
                        .allMatch(id -> after.find(id).isPresent());
                job = after;
                done.merge(edit.get("operation").asText(), 1, Integer::sum);
            } catch (Refusal refused) {
                assertThat(refused.getMessage())
                        .as("%s", edit)
                        .isNotBlank()
                        .doesNotContain("\n")
                        .doesNotMatch(RECORD);
            } catch (RuntimeException e) {
                throw new AssertionError("step " + i + ": " + edit, e);
            }
        }
        assertThat(done.size()).as("%s", done).isGreaterThan(15);
        Path file = folder.resolve("job.rondel");
        JobFile.write(job, file, Fixtures.PICTURES);
        assertThat(JobFile.read(file)).isEqualTo(CopiesFollow.shown(job));
        assertThat(Checks.of(new Checked(job, Fixtures.FONTS.get(), Limits.USUAL)))
                .allSatisfy(f -> assertThat(f.sentence()).isNotBlank().doesNotMatch(RECORD));
    }

    /** Every id once, none of them to be given again, no empty group but windows, every figure a number. */
    private static void isSound(Job job, JsonNode edit) {
        Set<String> ids = new HashSet<>();
        job.everything().forEach(e -> {
            assertThat(ids.add(e.id().value()))
                    .as("%s twice after %s", e.id(), edit)
                    .isTrue();
            assertThat(e.placement().determinant())
                    .as("%s after %s", e.id(), edit)
                    .isFinite();
            if (e instanceof GroupElement g && g.clip().isEmpty()) {
                assertThat(g.children()).as("%s after %s", e.id(), edit).isNotEmpty();
            }
        });
        assertThat(ids).as("%s", edit).doesNotContain("e" + job.nextNumber());
        assertThat(job.sheets()).as("%s", edit).isNotEmpty();
        Set<String> sheets = new HashSet<>();
        for (Sheet sheet : job.sheets()) {
            assertThat(sheets.add(sheet.id().value())).as("%s", edit).isTrue();
            assertThat(sheet.width()).as("%s", edit).isPositive();
            assertThat(sheet.height()).as("%s", edit).isPositive();
            sheet.elements().forEach(RandomEditsTest::isNamed);
        }
    }

    private static void isNamed(Element e) {
        assertThat(e.id().value()).isNotBlank();
        assertThat(e.name()).doesNotMatch(RECORD);
        e.children().forEach(RandomEditsTest::isNamed);
    }
}
