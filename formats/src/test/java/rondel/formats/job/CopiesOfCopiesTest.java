package rondel.formats.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.gang.copies.CopiesFollow;
import rondel.history.History;
import rondel.job.Job;
import rondel.words.Refusal;

/** Copies of what shows copies: what follows from an edit is followed to its end, so that a job reads as it was saved. */
class CopiesOfCopiesTest {

    /** Of the soak's edits, those after which a copy showed what another had shown before, and those after which a copy of a copy that was gone
     *  was read without what it had shown. */
    @ParameterizedTest
    @ValueSource(longs = {1_002_377, 2_000_052})
    void afterEveryEditAllCopiesShowWhatTheirDesignsShow(long found) throws Exception {
        OperationJson json = new OperationJson(MediaStore.inline());
        Random random = new Random(found);
        RandomEdits edits = new RandomEdits(found);
        History history = WhatFollows.editing().begin(SampleJob.make());
        for (int i = 1 + random.nextInt(40); i > 0; i--) {
            int choice = random.nextInt(10);
            Optional<History> back = choice < 2 ? history.undo() : Optional.empty();
            Optional<History> forth = choice == 2 ? history.redo() : Optional.empty();
            if (back.isPresent() || forth.isPresent()) {
                history = back.or(() -> forth).orElseThrow();
            } else if (choice != 3) {
                try {
                    history = history.then(json.read(edits.next(history.job())));
                } catch (Refusal refused) {
                    // somebody would do something else
                }
            }
            Job job = history.job();
            assertThat(CopiesFollow.shown(job)).isEqualTo(job);
            assertThat(JobJson.read(JobJson.write(job), job.media())).isEqualTo(job);
        }
    }
}
