package rondel.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Rename;
import rondel.compose.sheets.SetTitle;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.words.Refusal;

class TogetherTest {

    private static final List<ElementId> LEAF = List.of(new ElementId("leaf"));
    private static final List<ElementId> STEM = List.of(new ElementId("stem"));

    @Test
    void stepsAreMadeInOrderAndRefusedTogether() {
        Job job = SampleJob.make();
        double x = Extent.onSheet(job.located(LEAF.getFirst())).orElseThrow().x();
        Job done = new Together("both", List.of(new Move(LEAF, 3, 0), new Move(LEAF, 4, 0))).apply(job);
        assertThat(Extent.onSheet(done.located(LEAF.getFirst())).orElseThrow().x())
                .isEqualTo(x + 7);
        Together impossible = new Together("both", List.of(new Delete(LEAF), new Rename(LEAF, "gone")));
        assertThatThrownBy(() -> impossible.apply(job)).isInstanceOf(Refusal.class);
    }

    @Test
    void takesUpOneMoreOfItsKindAboutTheSameAndNothingElse() {
        Together moves = new Together("moves", List.of(new Move(LEAF, 1, 0), new Move(LEAF, 0, 1)));
        assertThat(moves.about()).isEqualTo(LEAF);
        assertThat(moves.mergedWith(new Move(LEAF, 2, 2)))
                .contains(new Together(
                        "moves", List.of(new Move(LEAF, 1, 0), new Move(LEAF, 0, 1), new Move(LEAF, 2, 2))));
        assertThat(moves.mergedWith(new Move(STEM, 2, 2))).isEmpty();
        assertThat(moves.mergedWith(new Rename(LEAF, "x"))).isEmpty();
        assertThat(new Together("none", List.of()).mergedWith(new Move(LEAF, 2, 2)))
                .isEmpty();
        Together titles = new Together("titles", List.of(new SetTitle("a")));
        assertThat(titles.mergedWith(new SetTitle("b"))).as("about nothing").isEmpty();
    }
}
