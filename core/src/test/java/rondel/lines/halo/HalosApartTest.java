package rondel.lines.halo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.disc;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Duplicate;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.geometry.overlay.FlatArea;
import rondel.history.History;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.ShapeElement;
import rondel.words.Refusal;

/** Halos of neighbours that would cross end half way, and keep doing so when the artwork moves. */
class HalosApartTest {

    private static final HaloSettings RIM = new HaloSettings(4, HaloSettings.Corners.ROUND, 0, 0, 0, 0.5);

    private static MakeHalo apart(double gap, OptionalDouble second, String... names) {
        return new MakeHalo(ids(names), RIM, second, MakeHalo.Spread.EACH, OptionalDouble.of(gap));
    }

    private static Geometry area(Job job, Element line) {
        ShapeElement shape = (ShapeElement) line;
        return FlatArea.of(shape.outline().transformed(job.located(line.id()).ownToSheet()), 0.002);
    }

    private static List<Geometry> halos(Job job) {
        return job.everything()
                .filter(e ->
                        e.traits().link().filter(Link.Around.class::isInstance).isPresent())
                .map(e -> area(job, e))
                .toList();
    }

    @Test
    void twoThatWouldCrossEndHalfWayAndAGapApart() {
        Job job = apart(1, OptionalDouble.empty(), "a", "b")
                .apply(Jobs.of(disc("a", 100, 100, 20), disc("b", 145, 100, 20)));
        List<Geometry> halos = halos(job);
        assertThat(halos.getFirst().getEnvelopeInternal().getMaxX()).isCloseTo(122, within(0.02));
        assertThat(halos.get(1).getEnvelopeInternal().getMinX()).isCloseTo(123, within(0.02));
        assertThat(halos.getFirst().distance(halos.get(1))).isBetween(0.98, 1.02);
        assertThat(halos.getFirst().getEnvelopeInternal().getMinX()).isCloseTo(76, within(0.03));
    }

    @Test
    void theLargerDoesNotPushTheSmallerBackAndFarOnesAreLeftAlone() {
        Job job = apart(1, OptionalDouble.empty(), "a", "b", "c")
                .apply(Jobs.of(disc("a", 80, 100, 40), disc("b", 129, 100, 5), disc("c", 200, 100, 10)));
        List<Geometry> halos = halos(job);
        assertThat(halos.getFirst().distance(halos.get(1))).isBetween(0.98, 1.02);
        assertThat(halos.get(1).getEnvelopeInternal().getMinX()).isCloseTo(122.5, within(0.02));
        assertThat(halos.get(2).getArea()).isCloseTo(Math.PI * 14 * 14, within(0.6));
    }

    @Test
    void anInnerLineKeepsItsDistanceFromTheOuter() {
        Job job = apart(1, OptionalDouble.of(1.5), "a", "b")
                .apply(Jobs.of(disc("a", 100, 100, 20), disc("b", 147, 100, 20)));
        List<Geometry> halos = halos(job);
        assertThat(halos).hasSize(4);
        Geometry inner = halos.getFirst();
        Geometry outer = halos.get(1);
        assertThat(outer.contains(inner)).isTrue();
        assertThat(inner.getBoundary().distance(outer.getBoundary())).isCloseTo(1.5, within(0.03));
    }

    /** Where the artwork itself is nearer than the gap, no line runs into it, and none crosses. */
    @Test
    void nearArtworkIsNotCut() {
        Job job = apart(2, OptionalDouble.empty(), "a", "b")
                .apply(Jobs.of(disc("a", 100, 100, 20), disc("b", 140.4, 100, 20)));
        List<Geometry> halos = halos(job);
        assertThat(halos.getFirst().getEnvelopeInternal().getMaxX()).isBetween(120.05, 120.2);
        assertThat(halos.getFirst().distance(halos.get(1))).isBetween(0.2, 0.3);
    }

    @Test
    void theyKeepApartWhenArtworkMovesComesAndGoes() {
        History history = WhatFollows.editing().begin(Jobs.of(disc("a", 100, 100, 20), disc("b", 170, 100, 20)));
        history = history.then(apart(1, OptionalDouble.empty(), "a", "b"));
        double whole = halos(history.job()).getFirst().getArea();
        history = history.then(new Move(ids("b"), -25, 0));
        List<Geometry> near = halos(history.job());
        assertThat(near.getFirst().getEnvelopeInternal().getMaxX()).isCloseTo(122, within(0.02));
        assertThat(near.getFirst().distance(near.get(1))).isBetween(0.98, 1.02);
        history = history.then(new Move(ids("a", "b"), 10, 30));
        assertThat(halos(history.job()).getFirst().getEnvelopeInternal().getMaxX())
                .isCloseTo(132, within(0.02));
        history = history.then(new Delete(ids("b")));
        assertThat(halos(history.job()).getFirst().getArea()).isCloseTo(whole, within(0.2));
    }

    /** A crowded sheet: no two lines cross, each goes around its own artwork. */
    @Test
    void onACrowdedSheetNoTwoLinesCross() {
        Random random = new Random(7);
        List<ShapeElement> discs = new ArrayList<>();
        while (discs.size() < 24) {
            double x = 40 + random.nextDouble() * 120;
            double y = 40 + random.nextDouble() * 120;
            double r = 4 + random.nextDouble() * 12;
            ShapeElement disc = disc("d" + discs.size(), x, y, r);
            Geometry area = FlatArea.of(disc.outline(), 0.01);
            if (discs.stream().allMatch(d -> FlatArea.of(d.outline(), 0.01).distance(area) > 1.2)) {
                discs.add(disc);
            }
        }
        String[] names = discs.stream().map(d -> d.id().value()).toArray(String[]::new);
        Job job = apart(0.8, OptionalDouble.empty(), names).apply(Jobs.of(discs.toArray(ShapeElement[]::new)));
        List<Geometry> halos = halos(job);
        for (int i = 0; i < halos.size(); i++) {
            Geometry own = FlatArea.of(discs.get(i).outline(), 0.01);
            assertThat(halos.get(i).contains(own)).isTrue();
            for (int j = 0; j < i; j++) {
                assertThat(halos.get(i).distance(halos.get(j))).isGreaterThan(0.45);
            }
        }
    }

    /** A copy of artwork and its halo is a sticker like the first: linked, whole, and kept apart. */
    @Test
    void aCopiedStickerKeepsItsHaloAndTheirDistance() {
        History history = WhatFollows.editing().begin(Jobs.of(disc("a", 100, 100, 20)));
        history = history.then(apart(1, OptionalDouble.empty(), "a"));
        ElementId halo = history.job()
                .everything()
                .filter(e -> e.traits().link().isPresent())
                .findFirst()
                .orElseThrow()
                .id();
        history = history.then(new Duplicate(List.of(id("a"), halo), 45, 0));
        List<Geometry> both = halos(history.job());
        assertThat(both.getFirst().distance(both.get(1))).isBetween(0.98, 1.02);
        Element copy = history.job()
                .everything()
                .filter(e -> e.name().equals("a") && !e.id().equals(id("a")))
                .findFirst()
                .orElseThrow();
        history = history.then(new Move(List.of(copy.id()), 60, 0));
        both = halos(history.job());
        assertThat(both.get(1).getEnvelopeInternal().centre().x).isCloseTo(205, within(0.05));
        assertThat(both.get(1).getArea()).isCloseTo(both.getFirst().getArea(), within(0.2));
    }

    @Test
    void aGapMustBeALength() {
        Job job = Jobs.of(disc("a", 100, 100, 20));
        assertThatThrownBy(() -> apart(-1, OptionalDouble.empty(), "a").apply(job))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> apart(Double.NaN, OptionalDouble.empty(), "a").apply(job))
                .isInstanceOf(Refusal.class);
    }
}
