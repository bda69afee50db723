package rondel.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.compose.sheets.SetTitle;

/** The list of what was done, as a person goes back and forward in it. */
class HistoryWindowTest extends BenchFixture {

    @Test
    void oneGoesBackOverSeveralEditsAtOnceAndForwardAgain() throws Exception {
        openDemo("tide-card");
        String first = bench.job().title();
        for (String title : List.of("One", "Two", "Three")) {
            onFx(() -> desk.perform(new SetTitle(title)));
            calm();
        }
        answers.stepsWanted = -2;
        run("history");
        calm();
        assertThat(bench.job().title()).isEqualTo("One");
        assertThat(answers.statesOffered).containsExactly(0, -1, -2, -3);
        answers.statesOffered.clear();
        answers.stepsWanted = 2;
        run("history");
        calm();
        assertThat(answers.statesOffered).containsExactly(2, 1, 0, -1);
        assertThat(bench.job().title()).isEqualTo("Three");
        answers.stepsWanted = -3;
        run("history");
        calm();
        assertThat(bench.job().title()).isEqualTo(first);
    }
}
