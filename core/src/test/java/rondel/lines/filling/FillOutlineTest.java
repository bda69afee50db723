package rondel.lines.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;
import static rondel.lines.filling.FilledRing.GAP;
import static rondel.lines.filling.FilledRing.SHAPE;
import static rondel.lines.filling.FilledRing.copies;
import static rondel.lines.filling.FilledRing.covered;
import static rondel.lines.filling.FilledRing.fill;
import static rondel.lines.filling.FilledRing.filling;
import static rondel.lines.filling.FilledRing.flat;
import static rondel.lines.filling.FilledRing.isExact;
import static rondel.lines.filling.FilledRing.job;
import static rondel.lines.filling.FilledRing.shape;

import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import rondel.compose.arrange.Lock;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Place;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.Job;
import rondel.job.Link;
import rondel.words.Refusal;

class FillOutlineTest {

    @Test
    void copiesStayInsideAndApartAndCoverMuchInAMixOfSizes() {
        Job filled = fill(SHAPE).apply(job());

        isExact(filled);
        assertThat(covered(filled)).isGreaterThan(0.7);
        List<Double> sizes = copies(filled).stream()
                .map(g -> Math.sqrt(g.getArea()))
                .sorted()
                .toList();
        assertThat(sizes.getLast()).isGreaterThan(2 * sizes.getFirst());
        assertThat(filled.located(id("ring")).element().hidden()).isTrue();
        assertThat(filling(filled).children())
                .extracting(e -> ((Link.Copy) e.traits().link().orElseThrow()).of())
                .contains(id("disc"), id("drop"));
    }

    /** Whatever the gap, the sizes, the turning: inside, apart, within the sizes, and each turned no more than is asked. */
    @RepeatedTest(3)
    void anyFiguresGiveAnExactFilling(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double gap = GAP + random.nextDouble() * 2;
        double from = 5 + random.nextDouble() * 5;
        double turning = random.nextInt(4) * 30;
        FillingSettings settings = new FillingSettings(
                from,
                from * (1.2 + 2 * random.nextDouble()),
                OptionalInt.empty(),
                OptionalDouble.empty(),
                turning,
                gap,
                random.nextBoolean(),
                run.getCurrentRepetition(),
                12);
        Job filled = fill(settings).apply(job());
        isExact(filled);
        List<Element> copies = filling(filled).children();
        assertThat(copies).hasSizeGreaterThan(5);
        for (Element copy : copies) {
            Envelope box = flat(copy.with(t -> t.withPlacement(Affine.scale(
                            copy.placement().meanScale(), copy.placement().meanScale()))))
                    .getEnvelopeInternal();
            double side = Math.max(box.getWidth(), box.getHeight());
            assertThat(side).isBetween(settings.from() - 0.02, settings.to() + 0.02);
            boolean mirrored = copy.placement().determinant() < 0;
            assertThat(mirrored && !settings.mirrored()).isFalse();
            if (!mirrored) {
                assertThat(Math.abs(copy.placement().rotation())).isLessThanOrEqualTo(turning + 1e-6);
            }
        }
        List<Geometry> flat = copies(filled);
        for (int i = 0; i < flat.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(flat.get(i).distance(flat.get(j))).isGreaterThanOrEqualTo(gap);
            }
        }
    }

    @Test
    void theSameSeedFillsTheSameWayAndAnotherDoesNot() {
        Job once = fill(SHAPE).apply(job());

        assertThat(fill(SHAPE).apply(job())).isEqualTo(once);
        assertThat(fill(SHAPE.withSeed(2)).apply(job())).isNotEqualTo(once);
    }

    @Test
    void howeverTheDiceFallRoundDrawingsCoverAboutAsMuch() {
        List<Double> covered = LongStream.rangeClosed(1, 3)
                .mapToObj(seed ->
                        covered(fill(SHAPE.withRounds(120).withSeed(seed)).apply(job())))
                .toList();

        assertThat(covered).allSatisfy(c -> assertThat(c).isBetween(0.785, 0.81));
    }

    @Test
    void whatIsStoppedIsWhatSoManyRoundsMake() {
        int[] transform = new int[1];
        Job stopped = fill(SHAPE).apply(job(), (rounds, asItIs) -> {
            transform[0] = rounds;
            return rounds < 12;
        });

        assertThat(transform[0]).isEqualTo(12);
        assertThat(stopped).isEqualTo(fill(SHAPE.withRounds(12)).apply(job()));
    }

    @Test
    void itIsSeenFromTheFirstCopyOn() {
        List<Integer> transform = new ArrayList<>();
        fill(SHAPE.withRounds(8)).apply(job(), (rounds, asItIs) -> {
            transform.add(copies(asItIs.get()).size());
            return true;
        });

        assertThat(transform).startsWith(1, 2, 3).hasSizeGreaterThan(10);
    }

    /** Discs fit together with less room between them than burrs do, and would crowd them out. */
    @Test
    void noDrawingIsCrowdedOutByOneThatFitsMoreEasily() {
        Area burr = new Area(new Ellipse2D.Double(160, 103, 10, 10));
        for (int i = 0; i < 8; i++) {
            Area spike = new Area(new Rectangle2D.Double(164, 95, 2, 13));
            spike.transform(java.awt.geom.AffineTransform.getRotateInstance(i * Math.PI / 4, 165, 108));
            burr.add(spike);
        }
        Job job = new Place(job().sheets().getFirst().id(), List.of(shape("burr", burr)), List.of()).apply(job());

        Job filled = new FillOutline(id("ring"), ids("disc", "burr"), SHAPE.withRounds(800)).apply(job);

        double burrs =
                room(filling(filled).children().stream().filter(e -> e.name().equals("burr")));
        assertThat(burrs / room(filling(filled).children().stream())).isGreaterThan(0.09);
    }

    private static double room(Stream<Element> copies) {
        return copies.map(e -> flat(e).getEnvelopeInternal())
                .mapToDouble(b -> b.getWidth() * b.getHeight())
                .sum();
    }

    @Test
    void copiesMovedByHandOrLockedStayPutWhenFilledAgain() {
        Job filled = fill(SHAPE).apply(job());
        ElementId moved = filling(filled).children().get(3).id();
        ElementId locked = filling(filled).children().get(1).id();
        Job byHand = new Lock(List.of(locked), true).apply(new Move(List.of(moved), 1.5, -2).apply(filled));

        Job again = fill(SHAPE.withSeed(7)).apply(byHand);

        assertThat(again.located(moved).element())
                .isEqualTo(byHand.located(moved).element());
        assertThat(again.find(locked)).isPresent();
        assertThat(again.everything().filter(e -> e.traits()
                        .link()
                        .filter(Link.Filling.class::isInstance)
                        .isPresent()))
                .hasSize(1);
        Geometry kept = flat(again.located(moved).element());
        assertThat(filling(again).children())
                .filteredOn(e -> !e.id().equals(moved) && !e.id().equals(locked))
                .allSatisfy(e -> assertThat(flat(e).distance(kept)).isGreaterThanOrEqualTo(GAP));
    }

    @Test
    void aCountIsKeptAndADensityIsNotPassed() {
        FillingSettings fifty =
                new FillingSettings(4, 25, OptionalInt.of(30), OptionalDouble.empty(), 30, GAP, false, 1, 20);
        FillingSettings airy =
                new FillingSettings(6, 20, OptionalInt.empty(), OptionalDouble.of(0.4), 0, GAP, false, 1, 20);

        Job counted = fill(fifty).apply(job());
        Job light = fill(airy).apply(job());

        assertThat(copies(counted)).hasSize(30);
        isExact(counted);
        assertThat(filling(counted).children()).allSatisfy(e -> {
            assertThat(e.placement().determinant()).isPositive();
            assertThat(Math.abs(e.placement().rotation())).isLessThanOrEqualTo(30 + 1e-9);
        });
        assertThat(covered(light)).isBetween(0.3, 0.4);
        assertThat(filling(light).children())
                .allSatisfy(e -> assertThat(e.placement().rotation()).isZero());
    }

    @Test
    void whatCannotBeFilledGetsASentence() {
        Job job = job();
        FillingSettings huge =
                new FillingSettings(90, 95, OptionalInt.empty(), OptionalDouble.empty(), 180, 1, true, 1, 0);

        assertThatThrownBy(() -> fill(huge).apply(job))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("smaller");
        assertThatThrownBy(() -> new FillOutline(id("ring"), ids("ring"), SHAPE).apply(job))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("itself");
        assertThatThrownBy(() -> new FillOutline(id("ring"), List.of(), SHAPE).apply(job))
                .isInstanceOf(Refusal.class);
    }
}
