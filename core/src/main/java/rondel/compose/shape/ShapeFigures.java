package rondel.compose.shape;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import rondel.fields.Mm;
import rondel.geometry.shape.Corners;
import rondel.geometry.shape.Edge;
import rondel.geometry.shape.PlainShape;
import rondel.words.Refusal;

/** Reads the figures of plain shapes off their records, and gives them others: a new kind of shape needs nothing here. Width and
 *  height are not among them, as any thing has those. */
public final class ShapeFigures {

    /** Stands for the radius of all corners at once. */
    public static final String ALL_CORNERS = "corners.all";

    private static final List<String> SIZE = List.of("width", "height");

    private ShapeFigures() {}

    public static List<ShapeFigure> of(PlainShape shape) {
        List<ShapeFigure> found = new ArrayList<>();
        read((Record) shape, "", found);
        return List.copyOf(found);
    }

    /** The figures that one shape has otherwise than another of its kind, all corners as one where they are alike. */
    public static List<ShapeFigure> changed(PlainShape before, PlainShape after) {
        List<ShapeFigure> old = of(before);
        return of(after).stream().filter(f -> !old.contains(f)).toList();
    }

    /** A changed shape whose lengths and shares that differ from what they were are whole multiples of a step.
     *
     * @param step for lengths, in mm; shares go by hundredths */
    public static PlainShape rounded(PlainShape before, PlainShape after, double step) {
        PlainShape result = after;
        for (ShapeFigure f : changed(before, after)) {
            if (f instanceof ShapeFigure.Length l && l.mm().isPresent()) {
                result = with(result, l.name(), Math.rint(l.mm().getAsDouble() / step) * step);
            } else if (f instanceof ShapeFigure.Share s) {
                result = with(result, s.name(), Math.rint(s.part() * SHARES) / SHARES);
            }
        }
        return result;
    }

    private static final double SHARES = 100;

    private static void read(Record record, String prefix, List<ShapeFigure> found) {
        for (RecordComponent c : record.getClass().getRecordComponents()) {
            if (prefix.isEmpty() && SIZE.contains(c.getName())) {
                continue;
            }
            String name = prefix + c.getName();
            Object value = value(record, c);
            switch (value) {
                case Double d
                when c.isAnnotationPresent(Mm.class) -> found.add(new ShapeFigure.Length(name, OptionalDouble.of(d)));
                case Double d -> found.add(new ShapeFigure.Share(name, d));
                case Integer i -> found.add(new ShapeFigure.Count(name, i));
                case Enum<?> e -> found.add(new ShapeFigure.Choice(name, e));
                case Edge e when e.plain() -> found.add(new ShapeFigure.Choice(name + ".style", e.style()));
                case Record r -> read(r, name + ".", found);
                default -> {} // points of a polyline are moved, not typed
            }
            if (value instanceof Corners.Style) {
                found.add(all((Corners) record));
            }
        }
    }

    private static ShapeFigure.Length all(Corners c) {
        return new ShapeFigure.Length(ALL_CORNERS, c.alike() ? OptionalDouble.of(c.topLeft()) : OptionalDouble.empty());
    }

    /** The shape with another length, in mm, share, or number of something.
     *
     * @throws Refusal where it can't be */
    public static PlainShape with(PlainShape shape, String name, double value) {
        return (PlainShape) with((Record) shape, name, (Object) value);
    }

    /** The shape made another way. An edge that gets teeth or scallops gets them at a usual size. */
    public static PlainShape with(PlainShape shape, String name, Enum<?> value) {
        return (PlainShape) with((Record) shape, name, (Object) value);
    }

    private static Record with(Record record, String name, Object value) {
        if (record instanceof Corners c && name.equals("all")) {
            return Corners.all(c.style(), (Double) value);
        }
        if (record instanceof Edge e && value instanceof Edge.Style style) {
            return e.withStyle(style);
        }
        int dot = name.indexOf('.');
        String first = dot < 0 ? name : name.substring(0, dot);
        RecordComponent[] components = record.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        boolean found = false;
        for (int i = 0; i < components.length; i++) {
            values[i] = value(record, components[i]);
            if (components[i].getName().equals(first)) {
                values[i] = dot < 0
                        ? fitting(value, components[i])
                        : with((Record) values[i], name.substring(dot + 1), value);
                found = true;
            }
        }
        if (!found) {
            throw new IllegalArgumentException(name);
        }
        return made(record, components, values);
    }

    private static Object fitting(Object value, RecordComponent component) {
        return component.getType() == int.class ? (Object) (int) Math.rint((Double) value) : value;
    }

    private static Record made(Record record, RecordComponent[] components, Object[] values) {
        try {
            Class<?>[] types =
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return record.getClass().getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            if (e.getCause() instanceof Refusal refusal) {
                throw refusal;
            }
            throw new IllegalStateException(e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Object value(Record record, RecordComponent component) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
