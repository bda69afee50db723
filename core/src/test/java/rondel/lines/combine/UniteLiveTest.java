package rondel.lines.combine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static rondel.compose.arrange.Jobs.box;
import static rondel.compose.arrange.Jobs.id;
import static rondel.compose.arrange.Jobs.ids;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Jobs;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.Resize;
import rondel.geometry.Anchor;
import rondel.geometry.curve.Contour;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.words.Refusal;

class UniteLiveTest {

    private static Job two() {
        return Jobs.of(box("a", 10, 10, 20, 20), box("b", 20, 20, 20, 20), box("c", 100, 100, 5, 5));
    }

    private static Job united() {
        return WhatFollows.editing().apply(new UniteLive(ids("a", "b")), two());
    }

    private static ShapeElement union(Job job) {
        return (ShapeElement)
                job.everything().filter(Unions::isUnion).findFirst().orElseThrow();
    }

    private static double area(Job job) {
        return Contour.of(union(job).outline()).stream()
                .mapToDouble(Contour::area)
                .sum();
    }

    @Test
    void theUnionFollowsWhatItIsMadeOf() {
        Job job = united();
        assertThat(area(job)).isCloseTo(700, within(1e-6));
        assertThat(job.located(id("a")).element().hidden()).isTrue();

        Job apart = WhatFollows.editing().apply(new Move(ids("b"), 50, 0), job);
        assertThat(area(apart)).isCloseTo(800, within(1e-6));
        Job larger = WhatFollows.editing()
                .apply(
                        new Resize(
                                ids("a"),
                                OptionalDouble.of(40),
                                OptionalDouble.of(40),
                                false,
                                Anchor.TOP_LEFT,
                                Resize.Frame.SHEET),
                        job);
        assertThat(area(larger)).isCloseTo(1600, within(1e-6));
        Job one = WhatFollows.editing().apply(new Delete(ids("b")), job);
        assertThat(area(one)).isCloseTo(400, within(1e-6));
    }

    @Test
    void movedAsAGroupItStaysTheSame() {
        Job job = united();
        Element group = job.located(union(job).id()).parent().orElseThrow();

        Job moved = WhatFollows.editing().apply(new Move(List.of(group.id()), 5, 5), job);

        assertThat(union(moved).outline()).isSameAs(union(job).outline());
    }

    @Test
    void madePermanentItIsAPlainShapeWhereItWas() {
        Job job = united();
        Element group = job.located(union(job).id()).parent().orElseThrow();
        Job moved = WhatFollows.editing().apply(new Move(List.of(group.id()), 5, 7), job);

        Job plain = WhatFollows.editing().apply(new MakePermanent(List.of(group.id())), moved);

        Element shape = plain.located(group.id()).element();
        assertThat(shape).isInstanceOf(ShapeElement.class);
        assertThat(shape.traits().link()).isEmpty();
        assertThat(Jobs.boxOf(plain, group.id().value()).x()).isCloseTo(15, within(1e-9));
        assertThat(plain.find(id("a"))).isEmpty();
        assertThatThrownBy(() -> new MakePermanent(ids("c")).apply(plain)).isInstanceOf(Refusal.class);
        assertThat(plain.everything().filter(GroupElement.class::isInstance)).isEmpty();
    }
}
