package rondel.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Group;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.MoveTo;
import rondel.compose.arrange.Resize;
import rondel.compose.arrange.Rotate;
import rondel.compose.arrange.Ungroup;
import rondel.geometry.Anchor;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

class HistoryTest {

    @Test
    void everyOperationOfTheCatalogueAppliesToTheSampleAndIsUndone() {
        for (OperationKind kind : OperationCatalogue.kinds()) {
            Job sample = SampleJob.make();
            History history = WhatFollows.editing().begin(sample).then(kind.example());
            assertThat(history.job()).as(kind.name()).isNotEqualTo(sample);
            assertThat(history.undo().orElseThrow().job()).isSameAs(sample);
            assertThat(kind.example().label()).isNotBlank();
            assertThat(kind.summary()).isNotBlank();
            assertThat(kind.example().selects(sample, history.job())).isNotNull();
        }
    }

    @Test
    void undoingAnyRandomSequenceGivesTheIdenticalJobAndRedoingItTheResult() {
        for (int seed = 0; seed < 40; seed++) {
            Random random = new Random(seed);
            List<Job> states = new ArrayList<>(List.of(SampleJob.make()));
            History history = WhatFollows.editing().begin(states.getFirst());
            for (int i = 0; i < 60; i++) {
                Operation operation = randomOperation(history.job(), random);
                try {
                    history = history.then(operation);
                    states.add(history.job());
                } catch (Refusal refused) {
                    assertThat(refused).hasMessageMatching("(?s).{12,}");
                }
            }
            Job last = history.job();
            for (int i = states.size() - 2; i >= 0; i--) {
                history = history.undo().orElseThrow();
                assertThat(history.job()).isEqualTo(states.get(i));
            }
            assertThat(history.undo()).isEmpty();
            while (history.redo().isPresent()) {
                history = history.redo().orElseThrow();
            }
            assertThat(history.job()).isEqualTo(last);
        }
    }

    @Test
    void aRefusedOperationLeavesTheHistoryAsItWas() {
        History history = WhatFollows.editing().begin(SampleJob.make());
        assertThatThrownBy(() -> history.then(new Delete(List.of(new ElementId("nobody")))))
                .isInstanceOf(Refusal.class);
        assertThat(history.undo()).isEmpty();
    }

    private static Operation randomOperation(Job job, Random random) {
        List<OperationKind> kinds = OperationCatalogue.kinds();
        List<ElementId> all = job.everything().map(Element::id).toList();
        if (all.isEmpty() || random.nextInt(4) == 0) {
            return kinds.get(random.nextInt(kinds.size())).example();
        }
        List<ElementId> some = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(3); i++) {
            some.add(all.get(random.nextInt(all.size())));
        }
        return switch (random.nextInt(7)) {
            case 0 -> new Group(some, "G" + random.nextInt(9));
            case 1 -> new Ungroup(some, random.nextBoolean());
            case 2 -> new Duplicate(some, random.nextDouble(20), random.nextDouble(20));
            case 3 -> new Rotate(some, random.nextDouble(360), Anchor.CENTRE);
            case 4 ->
                new Resize(
                        some,
                        OptionalDouble.of(random.nextDouble(1, 90)),
                        OptionalDouble.of(random.nextDouble(1, 90)),
                        random.nextBoolean(),
                        Anchor.values()[random.nextInt(9)],
                        Resize.Frame.values()[random.nextInt(2)]);
            case 5 -> new MoveTo(some, random.nextDouble(200), random.nextDouble(200), Anchor.TOP_LEFT);
            default -> new Delete(some);
        };
    }

    @Test
    void aNewEditLeavesNothingToRedo() {
        ElementId leaf = new ElementId("leaf");
        History history = WhatFollows.editing()
                .begin(SampleJob.make())
                .then(new Move(List.of(leaf), 5, 0))
                .undo()
                .orElseThrow();
        assertThat(history.future()).isPresent();
        History other = history.then(new Move(List.of(leaf), 0, 7));
        assertThat(other.future()).isEmpty();
        assertThat(other.redo()).isEmpty();
    }
}
