package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.BooleanNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.TextNode;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.geometry.shape.PlainShape;
import rondel.job.Design;
import rondel.job.DesignCount;
import rondel.job.ElementId;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.NameList;
import rondel.job.NameListId;
import rondel.job.Plan;
import rondel.job.PlanId;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.Way;

/** What the components of records mean in JSON: their names, and what stands for one that is left out. */
final class Components {

    /** What may be said to be none, as well as left out. */
    private static final Set<Class<?>> LOOKS = Set.of(Rgba.class, Stroke.class, Shadow.class);

    /** What is one of several records: a plain shape says its kind beside its figures, a design and a way are in a field named for theirs. */
    private static final Set<Class<?>> CHOICES = Set.of(PlainShape.class, Design.class, Way.class);

    private static final Set<Class<?>> OPTIONAL = Set.of(Optional.class, OptionalDouble.class, OptionalInt.class);
    private static final ObjectMapper PLAIN = new ObjectMapper();

    /** Records that are a text, an array or something else than an object of their components in JSON. */
    private static final Set<Class<?>> WRITTEN_APART = Set.of(
            ElementId.class,
            SheetId.class,
            PlanId.class,
            NameListId.class,
            MediaId.class,
            Rgba.class,
            Point.class,
            Box.class,
            Affine.class,
            Media.class);

    private Components() {}

    /** The component's name with words joined by an underscore. */
    static String field(RecordComponent c) {
        return c.getName().replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    static Object value(Record of, RecordComponent c) {
        try {
            return c.getAccessor().invoke(of);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    static boolean mayBeLeftOut(RecordComponent c) {
        return OPTIONAL.contains(c.getType()) || leftOut(c).isPresent();
    }

    /** Whether text that says none means that there is nothing. */
    static boolean mayBeNone(RecordComponent c) {
        return c.getType() == Optional.class && LOOKS.contains(argument(c.getGenericType()));
    }

    /** What of a record is meant where it is left out, by its fields. */
    static Map<String, JsonNode> leftOut(Class<?> type) {
        Map<String, JsonNode> all = new LinkedHashMap<>();
        for (RecordComponent c : type.getRecordComponents()) {
            leftOut(c).ifPresent(node -> all.put(field(c), node));
        }
        return all;
    }

    private static Optional<JsonNode> leftOut(RecordComponent c) {
        if (c.isAnnotationPresent(LeftOut.class)) {
            return Optional.of(spelled(c.getAnnotation(LeftOut.class).value()));
        }
        if (c.getType() == boolean.class) {
            return Optional.of(BooleanNode.FALSE);
        }
        return usual(c.getType()).isPresent() ? Optional.of(JsonNodeFactory.instance.objectNode()) : Optional.empty();
    }

    private static JsonNode spelled(String value) {
        try {
            JsonNode node = PLAIN.readTree(value);
            return node.isNumber() || node.isBoolean() || node.isContainerNode() ? node : TextNode.valueOf(value);
        } catch (com.fasterxml.jackson.core.JsonProcessingException notJson) {
            return TextNode.valueOf(value);
        }
    }

    /** The constant of a record that says what is usual. */
    static Optional<Object> usual(Class<?> type) {
        return type.isRecord() ? constant(type) : Optional.empty();
    }

    private static Optional<Object> constant(Class<?> type) {
        return Arrays.stream(type.getFields())
                .filter(f -> f.getName().equals("USUAL") && f.getType() == type)
                .findFirst()
                .map(f -> {
                    try {
                        return f.get(null);
                    } catch (IllegalAccessException e) {
                        throw new IllegalStateException(e);
                    }
                });
    }

    /** In words for people who write recipes. */
    static String type(Type type) {
        if (type instanceof ParameterizedType p) {
            String inner = type(argument(p));
            return p.getRawType() == List.class ? "list of " + inner : inner;
        }
        Class<?> c = (Class<?>) type;
        if (c == double.class || c == OptionalDouble.class) {
            return "number";
        }
        if (c == int.class || c == OptionalInt.class) {
            return "whole number";
        }
        return c.isEnum()
                ? "choice"
                : c.getSimpleName().replaceAll("(?<=.)([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }

    /** What a choice may be; nothing for all else. */
    static List<String> choices(Type type) {
        Class<?> c = innermost(type);
        return c.isEnum()
                ? Arrays.stream(c.getEnumConstants())
                        .map(v -> Enums.word((Enum<?>) v))
                        .toList()
                : List.of();
    }

    /** The records that are meant by an object in a field: one, several for something that says its kind, none for all that is no
     *  object, and for elements, whose fields docs/job.schema.json tells. */
    static List<Class<?>> nested(Type type) {
        Class<?> c = innermost(type);
        if (WRITTEN_APART.contains(c)) {
            return List.of();
        }
        if (c.isRecord()) {
            return List.of(c);
        }
        return CHOICES.contains(c) ? List.of(c.getPermittedSubclasses()) : List.of();
    }

    /** The field that a design or a way stands in, which tells which it is. */
    static Optional<String> wrapper(Class<?> type) {
        return Design.class.isAssignableFrom(type) || Way.class.isAssignableFrom(type)
                ? Optional.of(MixIns.field(type))
                : Optional.empty();
    }

    /** What an object of a plain shape says its kind is. */
    static Optional<String> kind(Class<?> type) {
        return PlainShape.class.isAssignableFrom(type)
                ? Optional.of(type.getSimpleName().replace("Shape", "").toLowerCase(Locale.ROOT))
                : Optional.empty();
    }

    /** Whether designs are said in a field, by themselves or in what it holds. */
    static boolean holdsDesigns(Type type) {
        Class<?> of = innermost(type);
        return of == Design.class || of == DesignCount.class || of == Plan.class || of == NameList.class;
    }

    private static Class<?> innermost(Type type) {
        return type instanceof ParameterizedType p ? innermost(p.getActualTypeArguments()[0]) : (Class<?>) type;
    }

    private static Type argument(Type type) {
        return ((ParameterizedType) type).getActualTypeArguments()[0];
    }
}
