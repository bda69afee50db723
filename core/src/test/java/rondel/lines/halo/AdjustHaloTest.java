package rondel.lines.halo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.boxOf;
import static rondel.compose.arrange.Jobs.disc;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.words.Refusal;

/** Halos that have been made get other figures. */
class AdjustHaloTest {

    private static final HaloSettings RIM = new HaloSettings(4, HaloSettings.Corners.ROUND, 0, 0, 0, 0.5);
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private final History made = WhatFollows.editing()
            .begin(Jobs.of(disc("a", 100, 100, 20), disc("b", 160, 100, 20)))
            .then(new MakeHalo(ids("a"), RIM, OptionalDouble.of(3), MakeHalo.Spread.EACH, NONE));

    private static List<ElementId> halos(Job job) {
        return job.everything()
                .filter(e -> e.traits().link().isPresent())
                .map(Element::id)
                .toList();
    }

    @Test
    void aPairKeepsItsDistanceFromEachOtherAndStillFollows() {
        List<ElementId> pair = halos(made.job());
        History adjusted = made.then(new AdjustHalo(pair, RIM.withDistance(1.5), NONE));
        assertThat(boxOf(adjusted.job(), pair.get(0).value()).x()).isCloseTo(78.5, within(0.03));
        assertThat(boxOf(adjusted.job(), pair.get(1).value()).x()).isCloseTo(75.5, within(0.03));
        Job moved = adjusted.then(new Move(ids("a"), 10, 0)).job();
        assertThat(boxOf(moved, pair.get(1).value()).x()).isCloseTo(85.5, within(0.03));
        assertThat(AdjustHalo.figures(
                        pair.stream().map(id -> moved.located(id).element()).toList()))
                .hasValueSatisfying(l -> assertThat(l.settings().distance()).isEqualTo(1.5));
    }

    @Test
    void aGapThatIsAskedForLaterHoldsBetweenNeighbours() {
        Job job = made.then(new MakeHalo(ids("b"), RIM, NONE, MakeHalo.Spread.EACH, NONE))
                .then(new Move(ids("b"), -16, 0))
                .job();
        List<ElementId> all = halos(job);
        Job apart = new AdjustHalo(all, RIM, OptionalDouble.of(1)).apply(job);
        double outer = boxOf(apart, all.get(1).value()).right();
        assertThat(boxOf(apart, all.get(2).value()).x() - outer).isCloseTo(1, within(0.05));
        double inner = boxOf(apart, all.get(0).value()).right();
        assertThat(inner).isBetween(120.0, outer);
    }

    @Test
    void whatIsNoHaloHasNoFigures() {
        assertThatThrownBy(() -> new AdjustHalo(ids("a"), RIM, NONE).apply(made.job()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("“a” is no halo");
        assertThat(AdjustHalo.figures(
                        List.of(made.job().located(new ElementId("a")).element())))
                .isEmpty();
    }
}
