package rondel.formats.svg;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import rondel.geometry.shape.ArrowShape;
import rondel.geometry.shape.BalloonShape;
import rondel.geometry.shape.BannerShape;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolygonShape;
import rondel.geometry.shape.RingShape;
import rondel.geometry.shape.StarShape;
import rondel.geometry.shape.TagShape;
import rondel.words.Refusal;

/** The figures of a plain shape that SVG has no element for, in an attribute of our own beside its path: its kind, then its figures
 *  by name, as {@code star width=40 height=38 points=6 depth=0.4}. */
final class ShapeAttribute {

    static final String NAME = "data-shape";

    private static final List<Class<? extends PlainShape>> KINDS = List.of(
            BoxShape.class,
            OvalShape.class,
            PolygonShape.class,
            StarShape.class,
            HeartShape.class,
            TagShape.class,
            BannerShape.class,
            ArrowShape.class,
            RingShape.class,
            BalloonShape.class);

    private ShapeAttribute() {}

    static String text(PlainShape shape) {
        StringBuilder out = new StringBuilder(word(shape.getClass()));
        figures(out, "", (Record) shape);
        return out.toString();
    }

    private static void figures(StringBuilder out, String before, Record of) {
        for (RecordComponent c : of.getClass().getRecordComponents()) {
            Object value = value(of, c);
            String name = before + c.getName();
            switch (value) {
                case Record nested -> figures(out, name + ".", nested);
                case Double d -> out.append(' ').append(name).append('=').append(NumberText.exact(d));
                case Enum<?> e ->
                    out.append(' ').append(name).append('=').append(e.name().toLowerCase(Locale.ROOT));
                default -> out.append(' ').append(name).append('=').append(value);
            }
        }
    }

    /** The shape that an attribute tells of; nothing where it tells of none. */
    static Optional<PlainShape> read(String text) {
        String[] parts = text.strip().split("\\s+");
        Map<String, String> figures = new HashMap<>();
        for (String part : parts) {
            int equals = part.indexOf('=');
            if (equals > 0) {
                figures.put(part.substring(0, equals), part.substring(equals + 1));
            }
        }
        Optional<Class<? extends PlainShape>> kind =
                KINDS.stream().filter(k -> word(k).equals(parts[0])).findFirst();
        try {
            return kind.map(k -> k.cast(made(k, "", figures)));
        } catch (Refusal | IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static Object made(Class<?> record, String before, Map<String, String> figures) {
        RecordComponent[] parts = record.getRecordComponents();
        Object[] values = Arrays.stream(parts)
                .map(c -> value(c, before + c.getName(), figures))
                .toArray();
        try {
            Class<?>[] types =
                    Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new);
            return record.getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            throw e.getCause() instanceof Refusal r ? r : new IllegalArgumentException(e.getCause());
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Object value(RecordComponent c, String name, Map<String, String> figures) {
        if (c.getType().isRecord()) {
            return made(c.getType(), name + ".", figures);
        }
        String text = figures.get(name);
        if (text == null) {
            throw new IllegalArgumentException(name);
        }
        if (c.getType().isEnum()) {
            return Arrays.stream(c.getType().getEnumConstants())
                    .filter(e -> ((Enum<?>) e).name().equalsIgnoreCase(text))
                    .findFirst()
                    .orElseThrow(IllegalArgumentException::new);
        }
        return c.getType() == int.class ? (Object) Integer.valueOf(text) : Double.valueOf(text);
    }

    private static Object value(Record of, RecordComponent c) {
        try {
            return c.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String word(Class<?> kind) {
        return kind.getSimpleName().replace("Shape", "").toLowerCase(Locale.ROOT);
    }
}
