package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.ids;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.words.Refusal;

class RepeatingTest {

    private static final Offset<Double> EXACT = within(1e-9);

    private static List<Box> row(Job before, RepeatAlong repeat) {
        Job after = repeat.apply(before);
        return repeat.selects(before, after).stream()
                .map(ElementId::value)
                .map(id -> boxOf(after, id))
                .sorted(Comparator.comparingDouble(Box::x))
                .toList();
    }

    @Test
    void aStripFillsAnEdgeWithWholeRepeatsByAdjustingItsGap() {
        Job job = Jobs.of(box("wave", 50, 280, 20, 10));
        List<Box> row = row(job, new RepeatAlong(ids("wave"), Axis.HORIZONTAL, 0, 300, 2, 1, 0));
        assertThat(row).hasSize(14);
        assertThat(row.getFirst().x()).isCloseTo(0, EXACT);
        assertThat(row.getLast().right()).isCloseTo(300, EXACT);
        double gap = row.get(1).x() - row.get(0).right();
        assertThat(gap).isBetween(1.0, 3.0);
        for (int i = 1; i < row.size(); i++) {
            assertThat(row.get(i).x() - row.get(i - 1).right()).isCloseTo(gap, EXACT);
        }
    }

    @Test
    void whereTheGapMayNotGiveTheSizeDoesWithinItsLimit() {
        Job job = Jobs.of(box("wave", 50, 280, 20, 10));
        List<Box> row = row(job, new RepeatAlong(ids("wave"), Axis.HORIZONTAL, 10, 209, 0, 0, 0.1));
        assertThat(row).hasSize(10);
        assertThat(row.getFirst().width()).isCloseTo(20.9, EXACT);
        assertThat(row.getFirst().height()).isCloseTo(10.45, EXACT);
        assertThat(row.getLast().right()).isCloseTo(219, EXACT);
        assertThatThrownBy(() -> new RepeatAlong(ids("wave"), Axis.HORIZONTAL, 0, 209, 0, 0, 0.01).apply(job))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new RepeatAlong(ids("wave"), Axis.HORIZONTAL, 0, -5, 0, 0, 0.01).apply(job))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void aCornerClusterMirrorsToTheOtherCornersInOneStep() {
        Job job = Jobs.of(box("leaf", 5, 8, 20, 10), box("dot", 26, 4, 3, 3));
        MirrorToCorners mirror = new MirrorToCorners(ids("leaf", "dot"), Optional.empty(), false);
        Job done = mirror.apply(job);
        List<Box> all = mirror.selects(job, done).stream()
                .map(id -> boxOf(done, id.value()))
                .toList();
        assertThat(all)
                .containsExactlyInAnyOrder(
                        new Box(5, 8, 20, 10),
                        new Box(275, 8, 20, 10),
                        new Box(5, 282, 20, 10),
                        new Box(275, 282, 20, 10),
                        new Box(26, 4, 3, 3),
                        new Box(271, 4, 3, 3),
                        new Box(26, 293, 3, 3),
                        new Box(271, 293, 3, 3));
    }
}
