package rondel.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.geometry.OutlineBuilder;
import rondel.history.Editing;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.text.FontBook;
import rondel.words.Refusal;

/** Every operation, and every check after it, on elements such as files bring along and edits leave: without extent, flattened, far off, of nothing. */
class OddElementsTest {

    /** Outlines that have no area or no end. */
    private static final Map<String, Outline> OUTLINES = Map.of(
            "nothing", Outline.EMPTY,
            "a point", new OutlineBuilder().moveTo(20, 20).build(),
            "a closed point", new OutlineBuilder().moveTo(20, 20).close().build(),
            "a line there and back",
                    new OutlineBuilder()
                            .moveTo(10, 10)
                            .lineTo(40, 10)
                            .lineTo(10, 10)
                            .close()
                            .build(),
            "a speck", Outline.rectangle(new Box(20, 20, 1e-9, 1e-9)),
            "a knot",
                    new OutlineBuilder()
                            .moveTo(10, 10)
                            .cubicTo(90, 90, -30, 90, 50, 10)
                            .lineTo(10, 50)
                            .lineTo(50, 50)
                            .close()
                            .build());

    private static final Map<String, Affine> PLACES = Map.of(
            "of no size", Affine.scale(0, 0),
            "flattened", Affine.scale(1, 0),
            "tiny", Affine.scale(1e-7, 1e-7),
            "mirrored and sheared", new Affine(-1, 0.3, 0.8, 1, 90, 10),
            "far off", Affine.translate(4e6, -4e6));

    private final Editing editing = WhatFollows.editing();

    static Stream<String> odd() {
        return Stream.concat(OUTLINES.keySet().stream(), PLACES.keySet().stream())
                .sorted();
    }

    private static Job job(String odd) {
        UnaryOperator<Element> made = OUTLINES.containsKey(odd)
                ? e -> outlined(e, OUTLINES.get(odd))
                : e -> e.with(t -> t.withPlacement(t.placement().times(PLACES.get(odd))));
        Job sample = SampleJob.make();
        return sample.withSheets(sample.sheets().stream()
                .map(s -> s.withElements(
                        s.elements().stream().map(e -> each(e, made)).toList()))
                .toList());
    }

    private static Element each(Element e, UnaryOperator<Element> made) {
        return e instanceof GroupElement g
                ? g.withChildren(g.children().stream().map(c -> each(c, made)).toList())
                : made.apply(e);
    }

    private static Element outlined(Element e, Outline outline) {
        return switch (e) {
            case ShapeElement s -> new ShapeElement(s.traits(), outline, s.rule(), s.fill(), s.stroke());
            case TextElement t -> t.withLettering(t.lettering(), outline);
            default -> e;
        };
    }

    @ParameterizedTest
    @MethodSource("odd")
    void everyOperationIsMadeOrRefusedWithASentence(String odd) {
        Job job = job(odd);
        for (OperationKind kind : OperationCatalogue.kinds()) {
            assertThatCode(() -> assertTimeoutPreemptively(Duration.ofSeconds(60), () -> {
                        try {
                            checked(editing.apply(kind.example(), job));
                        } catch (Refusal why) {
                            assertThat(why.getMessage()).isNotBlank().doesNotContainPattern("\\{\\d");
                        }
                    }))
                    .as(odd + ": " + kind.name())
                    .doesNotThrowAnyException();
        }
    }

    private static void checked(Job job) {
        AllChecks.of(new Checked(job, new FontBook(List.of(), Map.of()), Limits.USUAL));
    }
}
