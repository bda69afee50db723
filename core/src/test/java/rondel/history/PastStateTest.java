package rondel.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import rondel.compose.sheets.SetTitle;
import rondel.job.Job;
import rondel.units.LengthUnit;

class PastStateTest {

    private static final Editing PLAIN = new Editing(List.of());

    @Test
    void eachStateIsThereWithTheStepsThatLeadToIt() {
        Job job = Job.blank("Opened", LengthUnit.MM, 100, 100);
        History history = History.of(job, PLAIN);
        for (String title : List.of("One", "Two", "Three")) {
            history = history.then(new SetTitle(title));
        }
        History back = history.undo().orElseThrow();
        List<PastState> all = PastState.of(back, 50);
        assertThat(all).extracting(s -> s.job().title()).containsExactly("Three", "Two", "One", "Opened");
        assertThat(all).extracting(PastState::steps).containsExactly(1, 0, -1, -2);
        assertThat(all.getLast().label()).isEqualTo(Optional.empty());
        assertThat(PastState.of(history, 2)).extracting(PastState::steps).containsExactly(0, -1);
    }
}
