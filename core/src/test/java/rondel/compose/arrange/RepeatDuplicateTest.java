package rondel.compose.arrange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.history.History;
import rondel.job.ElementId;

class RepeatDuplicateTest {

    private final History start =
            WhatFollows.editing().begin(Jobs.of(box("a", 10, 10, 20, 20), box("b", 200, 10, 5, 5)));

    private static List<ElementId> newest(History h) {
        return h.past().orElseThrow().operation().selects(h.past().orElseThrow().job(), h.job());
    }

    @Test
    void copiesGoOnAtTheOffsetTheFirstWasMovedTo() {
        History copied = start.then(new Duplicate(ids("a"), 5, 5));
        History moved = copied.then(new Move(newest(copied), 20.4, -5));
        History third = moved.then(RepeatDuplicate.of(moved).orElseThrow());
        assertThat(boxOf(third.job(), newest(third).getFirst().value()).x()).isCloseTo(60.8, within(1e-9));
        assertThat(boxOf(third.job(), newest(third).getFirst().value()).y()).isCloseTo(10, within(1e-9));
        History other = third.then(new Move(ids("b"), 1, 1));
        History fourth = other.then(RepeatDuplicate.of(other).orElseThrow());
        assertThat(boxOf(fourth.job(), newest(fourth).getFirst().value()).x()).isCloseTo(86.2, within(1e-9));
    }

    @Test
    void withoutADuplicateOrWithoutItsCopiesThereIsNothingToRepeat() {
        assertThat(RepeatDuplicate.of(start)).isEmpty();
        History copied = start.then(new Duplicate(ids("a"), 5, 5));
        assertThat(RepeatDuplicate.of(copied.then(new Delete(newest(copied))))).isEmpty();
    }
}
