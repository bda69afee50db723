package rondel.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.history.Editing;
import rondel.job.Element;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.operation.Operation;
import rondel.units.LengthUnit;
import rondel.words.Refusal;

/** Every operation there is, with figures and on jobs that it was not made for: it is made, or a sentence says why not. */
class EveryOperationTest {

    private static final double[] FIGURES = {
        Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, 0, -1, 1e-9, 1e9, 1e300, -1e300
    };

    private static final int[] COUNTS = {0, -1, 1, Integer.MAX_VALUE, Integer.MIN_VALUE};

    private final Editing editing = WhatFollows.editing();

    static Stream<OperationKind> kinds() {
        return OperationCatalogue.kinds().stream();
    }

    /** Other values for one: figures put to extremes, and records with each of their figures so, one at a time. What refuses to be made is left out. */
    private static List<Object> odd(Object value) throws Exception {
        List<Object> all = new ArrayList<>();
        switch (value) {
            case Double d -> DoubleStream.of(FIGURES).forEach(all::add);
            case OptionalDouble d ->
                DoubleStream.of(FIGURES).mapToObj(OptionalDouble::of).forEach(all::add);
            case Integer n -> IntStream.of(COUNTS).forEach(all::add);
            case OptionalInt n -> IntStream.of(COUNTS).mapToObj(OptionalInt::of).forEach(all::add);
            case String s -> all.addAll(List.of("", "\u0000\u202e\ud83d"));
            case Optional<?> o -> {
                all.add(Optional.empty());
                if (o.isPresent()) {
                    odd(o.get()).forEach(other -> all.add(Optional.of(other)));
                }
            }
            case List<?> list -> {
                all.add(List.of());
                if (!list.isEmpty()) {
                    for (Object other : odd(list.getFirst())) {
                        List<Object> changed = new ArrayList<>(list);
                        changed.set(0, other);
                        all.add(changed);
                    }
                }
            }
            case Record r -> all.addAll(oddRecords(r));
            default -> {}
        }
        return all;
    }

    private static List<Object> oddRecords(Record record) throws Exception {
        List<Object> all = new ArrayList<>();
        RecordComponent[] parts = record.getClass().getRecordComponents();
        for (int i = 0; i < parts.length; i++) {
            parts[i].getAccessor().setAccessible(true);
            for (Object other : odd(parts[i].getAccessor().invoke(record))) {
                with(record, parts, i, other).ifPresent(all::add);
            }
        }
        return all;
    }

    private static Optional<Object> with(Record record, RecordComponent[] parts, int at, Object value)
            throws Exception {
        Class<?>[] types = new Class<?>[parts.length];
        Object[] values = new Object[parts.length];
        for (int i = 0; i < parts.length; i++) {
            types[i] = parts[i].getType();
            parts[i].getAccessor().setAccessible(true);
            values[i] = i == at ? value : parts[i].getAccessor().invoke(record);
        }
        Constructor<?> made = record.getClass().getDeclaredConstructor(types);
        made.setAccessible(true);
        try {
            return Optional.of(made.newInstance(values));
        } catch (InvocationTargetException e) {
            said(e.getCause());
            return Optional.empty();
        }
    }

    private static void said(Throwable why) {
        assertThat(why).as("a sentence for the person").isInstanceOf(Refusal.class);
        assertThat(why.getMessage()).isNotBlank().doesNotContainPattern("\\{\\d");
    }

    private Optional<Job> made(Operation operation, Job job) {
        return assertTimeoutPreemptively(Duration.ofSeconds(60), () -> {
            try {
                return Optional.of(editing.apply(operation, job));
            } catch (Refusal why) {
                said(why);
                return Optional.empty();
            }
        });
    }

    private static void isWhole(Job job) {
        List<String> ids = job.everything().map(e -> e.id().value()).sorted().toList();
        assertThat(ids).doesNotHaveDuplicates();
        for (Sheet sheet : job.sheets()) {
            assertThat(sheet.width()).isBetween(0.0, Sheet.LONGEST);
            assertThat(sheet.height()).isBetween(0.0, Sheet.LONGEST);
            for (Element e : sheet.elements()) {
                Optional<Box> box = Extent.of(e, Affine.IDENTITY);
                assertThat(box.map(b -> b.x() + b.y() + b.width() + b.height()).orElse(0.0))
                        .as(e.name())
                        .isFinite();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void oddFiguresAreMadeOrRefusedWithASentence(OperationKind kind) throws Exception {
        Job sample = SampleJob.make();
        assertThat(kind.example().label()).isNotBlank();
        for (Object odd : odd(kind.example())) {
            assertThatCode(() -> made((Operation) odd, sample).ifPresent(EveryOperationTest::isWhole))
                    .as(odd.toString())
                    .doesNotThrowAnyException();
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void onAnEmptyJobItIsMadeOrRefusedWithASentence(OperationKind kind) {
        made(kind.example(), Job.blank("Empty", LengthUnit.MM, 100, 100)).ifPresent(EveryOperationTest::isWhole);
    }

    @Test
    void noneChangesTheJobThatItIsGiven() {
        Job sample = SampleJob.make();
        Job same = SampleJob.make();
        assertThat(sample).isEqualTo(same);
        for (OperationKind kind : OperationCatalogue.kinds()) {
            made(kind.example(), sample).ifPresent(EveryOperationTest::isWhole);
            assertThat(sample).as(kind.name()).isEqualTo(same);
        }
    }
}
