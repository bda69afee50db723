package rondel.bench;

import java.lang.reflect.Constructor;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Supplier;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.MirrorToCorners;
import rondel.compose.arrange.Move;
import rondel.compose.arrange.SetRole;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.history.Editing;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.lines.check.Checked;
import rondel.lines.check.Limits;
import rondel.lines.check.kinds.Checks;
import rondel.lines.halo.MakeHalo;
import rondel.lines.roles.MadeLines;
import rondel.operation.Operation;
import rondel.text.FontBook;
import rondel.words.Refusal;

/** How the time of edits and checks grows with the number of elements that they are about, from 100 to 50,000: the exponent
 *  of the power law between the smallest size whose time is more than the machine's noise and the largest. They stand equally
 *  close at every size. */
final class Growth {

    private static final int[] SIZES = {100, 1_000, 10_000, 50_000};

    /** Below this, in ms, a figure is the machine's noise: an exponent is not taken from it. */
    private static final double NOISE = 4;

    /** A size is left out where the one before took longer than this, in ms. */
    private static final double PATIENCE = 1_000;

    private static final double MOST = 1.1;

    private Growth() {}

    /** Work on so many elements, ready to be done. */
    private interface Sized {
        Supplier<?> of(int size);
    }

    static List<Bench.Row> rows() {
        Map<String, Sized> all = new LinkedHashMap<>();
        for (OperationKind kind : OperationCatalogue.kinds()) {
            all.put(kind.name(), size -> operation(kind.example(), size));
        }
        all.put("all checks, of cut lines", Growth::checks);
        all.put("what follows for corners that are alike, one moved", Growth::oneOfAlike);
        all.put("what follows for halos, one sticker moved", Growth::haloed);
        all.put("what will be made, as Lines shows it", size -> {
            Job job = cutSquares(size);
            return () -> MadeLines.of(job.sheets().getFirst());
        });
        List<Bench.Row> rows = new ArrayList<>();
        all.forEach((name, sized) -> {
            List<Double> times = new ArrayList<>();
            for (int size : SIZES) {
                if (!times.isEmpty() && times.getLast() > PATIENCE) {
                    break;
                }
                try {
                    times.add(best(size, sized.of(size)));
                } catch (Refusal e) {
                    break;
                }
            }
            row(name, times).ifPresent(rows::add);
        });
        return rows;
    }

    private static Supplier<?> operation(Operation example, int size) {
        ElementId of = example.about().isEmpty()
                ? new ElementId("leaf")
                : example.about().getFirst();
        Job job = many(of, size);
        Operation operation = aboutAll(example, job);
        return () -> WhatFollows.editing().apply(operation, job);
    }

    private static Supplier<?> checks(int size) {
        Job job = cutSquares(size);
        return () -> Checks.of(new Checked(job, new FontBook(List.of(), Map.of()), Limits.USUAL));
    }

    private static Job cutSquares(int size) {
        Job job = many(new ElementId("leaf"), size);
        return new SetRole(ids(job), Role.CUT).apply(job);
    }

    /** A quarter of them, mirrored to the other corners. */
    private static Supplier<?> oneOfAlike(int size) {
        Job job = many(new ElementId("leaf"), size / 4);
        Editing editing = WhatFollows.editing();
        Job alike = editing.apply(new MirrorToCorners(ids(job), Optional.empty(), true), job);
        Operation move = new Move(List.of(ids(job).getFirst()), 1, 0);
        return () -> editing.apply(move, alike);
    }

    /** The halos themselves take milliseconds each to make; so few are made of them that are large enough to tell. */
    private static Supplier<?> haloed(int size) {
        Job job = many(new ElementId("leaf"), size);
        List<ElementId> some = ids(job).subList(0, Math.min(size, 100));
        MakeHalo make = new MakeHalo(
                some,
                HaloSettings.USUAL,
                OptionalDouble.empty(),
                MakeHalo.Spread.EACH,
                OptionalDouble.of(MakeHalo.USUAL_GAP));
        Editing editing = WhatFollows.editing();
        Job haloed = editing.apply(make, job);
        Operation move = new Move(List.of(some.getFirst()), 0.5, 0);
        return () -> editing.apply(move, haloed);
    }

    private static List<ElementId> ids(Job job) {
        return job.sheets().getFirst().elements().stream().map(Element::id).toList();
    }

    private static Optional<Bench.Row> row(String name, List<Double> times) {
        int last = times.size() - 1;
        if (last < 1) {
            return Optional.empty();
        }
        int from = 1;
        while (from < last && times.get(from) < NOISE && times.get(from + 1) < times.get(last)) {
            from++;
        }
        double growth = times.get(last) / Math.max(NOISE, times.get(from));
        double exponent = Math.log(growth) / Math.log(SIZES[last] / (double) SIZES[from]);
        String figures = times.stream().map(t -> "%.1f".formatted(t)).toList().toString();
        return Optional.of(new Bench.Row(name + " " + figures, exponent, 1, MOST));
    }

    private static double best(int size, Supplier<?> work) {
        Bench.best(size <= 1000 ? 20 : 1, work);
        return Bench.best(size <= 10_000 ? 5 : 3, work);
    }

    /** A sheet with so many copies of an element of the sample job, on a grid. */
    private static Job many(ElementId of, int count) {
        Job sample = SampleJob.make();
        Element element = sample.located(of).element();
        Box box = Extent.of(element, Affine.IDENTITY).orElse(new Box(0, 0, 10, 10));
        int across = (int) Math.ceil(Math.sqrt(count));
        double pitch = Sheet.LONGEST / (Math.ceil(Math.sqrt(SIZES[SIZES.length - 1])) + 1);
        Placing placing = new Placing(sample);
        List<Element> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double x = (i % across + 0.5) * pitch;
            double y = (i / across + 0.5) * pitch;
            double size = Math.min(1, pitch / 1.5 / Math.max(box.width(), box.height()));
            Affine to = Affine.translate(x, y)
                    .times(Affine.scale(size, size))
                    .times(Affine.translate(-box.centre().x(), -box.centre().y()));
            all.add(placing.withFreshIds(List.of(element)).getFirst().with(t -> t.placedBy(to)));
        }
        Sheet sheet = sample.sheets()
                .getFirst()
                .withSize(Sheet.LONGEST, Sheet.LONGEST)
                .withElements(all);
        List<Sheet> sheets = new ArrayList<>(sample.sheets());
        sheets.set(0, sheet);
        return sample.withSheets(sheets).withNextNumber(placing.next());
    }

    /** The operation with every element of the first sheet in the place of those it names. */
    private static Operation aboutAll(Operation example, Job job) {
        List<ElementId> all = ids(job);
        RecordComponent[] parts = example.getClass().getRecordComponents();
        Object[] values = new Object[parts.length];
        Class<?>[] types = new Class<?>[parts.length];
        try {
            for (int i = 0; i < parts.length; i++) {
                Object value = parts[i].getAccessor().invoke(example);
                types[i] = parts[i].getType();
                boolean ids = parts[i].getGenericType() instanceof ParameterizedType p
                        && p.getRawType() == List.class
                        && p.getActualTypeArguments()[0] == ElementId.class;
                values[i] = ids ? all : types[i] == ElementId.class ? all.getFirst() : value;
            }
            Constructor<?> constructor = example.getClass().getDeclaredConstructor(types);
            return (Operation) constructor.newInstance(values);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
