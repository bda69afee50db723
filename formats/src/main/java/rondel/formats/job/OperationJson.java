package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.formats.fonts.FontsAtHand;
import rondel.job.BackdropShape;
import rondel.job.FillingShape;
import rondel.job.HaloShape;
import rondel.job.Lettering;
import rondel.job.Rgba;
import rondel.job.Shadow;
import rondel.job.Stroke;
import rondel.job.TraceShape;
import rondel.operation.Degrees;
import rondel.operation.Mm;
import rondel.operation.Operation;
import rondel.text.Typesetter;
import rondel.words.Refusal;

/** Operations as JSON, straight from their records: {@code {"operation": "move", "elements": ["e4"], "dx": "1/4 in", "dy": 0}}.
 *  Lengths are in mm, or text with a unit; fields are named as in the record, words joined by an underscore. */
public final class OperationJson {

    /** What may be said to be none, as well as left out. */
    private static final Set<Class<?>> LOOKS = Set.of(Rgba.class, Stroke.class, Shadow.class);

    /** What is meant where it is left out. */
    private static final Map<Class<?>, Object> USUAL = Map.of(
            HaloShape.class, HaloShape.USUAL,
            TraceShape.class, TraceShape.USUAL,
            FillingShape.class, FillingShape.USUAL,
            BackdropShape.class, BackdropShape.USUAL);

    private final OperationValues typed;
    private final Typesetter typesetter = new Typesetter(FontsAtHand.usual());

    /** @param media where the bytes of placed pictures go and come from */
    public OperationJson(MediaStore media) {
        this.typed = new OperationValues(media, this);
    }

    public ObjectNode write(Operation operation) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("operation", kind(operation).name());
        for (RecordComponent c : operation.getClass().getRecordComponents()) {
            Object value = value(operation, c);
            if (!value.equals(Optional.empty()) && !value.equals(OptionalDouble.empty())) {
                o.set(field(c), typed.json(value));
            }
        }
        return o;
    }

    /** @throws Refusal naming the operation and the field that is wrong */
    public Operation read(JsonNode node) {
        JsonFields f;
        String name;
        try {
            f = new JsonFields(node);
            name = f.text("operation");
        } catch (BadJson e) {
            throw Refusal.of("recipe.noOperation");
        }
        OperationKind kind =
                OperationCatalogue.named(name).orElseThrow(() -> Refusal.of("recipe.unknownOperation", name));
        RecordComponent[] components = kind.type().getRecordComponents();
        Object[] values = new Object[components.length];
        Class<?>[] types = new Class<?>[components.length];
        List<String> known = new ArrayList<>(List.of("operation"));
        for (int i = 0; i < components.length; i++) {
            known.add(field(components[i]));
            types[i] = components[i].getType();
            try {
                values[i] = read(f, components[i], kind);
            } catch (BadJson | IllegalArgumentException e) {
                throw new Refusal(rondel.words.Words.of("recipe.badField", name, field(components[i])), e);
            }
        }
        shape(components, values);
        f.object().fieldNames().forEachRemaining(given -> {
            if (!known.contains(given)) {
                throw Refusal.of("recipe.unknownField", name, given);
            }
        });
        try {
            return kind.type().getDeclaredConstructor(types).newInstance(values);
        } catch (InvocationTargetException e) {
            throw new Refusal(rondel.words.Words.of("recipe.badField", name, "operation"), e);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Lettering whose outlines are left out is shaped with the fonts at hand. */
    private void shape(RecordComponent[] components, Object[] values) {
        Optional<Lettering> lettering = Arrays.stream(values)
                .filter(Lettering.class::isInstance)
                .map(Lettering.class::cast)
                .findFirst();
        for (int i = 0; i < components.length; i++) {
            if (lettering.isPresent()
                    && components[i].getName().equals("outline")
                    && values[i].equals(Optional.empty())) {
                values[i] = Optional.of(typesetter.outline(lettering.get()));
            }
        }
    }

    /** Every operation with its fields, their types and units, and an example. */
    public ArrayNode catalogue() {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (OperationKind kind : OperationCatalogue.kinds()) {
            ObjectNode o = all.addObject().put("name", kind.name()).put("summary", kind.summary());
            ArrayNode fields = o.putArray("fields");
            for (RecordComponent c : kind.type().getRecordComponents()) {
                ObjectNode field = fields.addObject().put("name", field(c)).put("type", type(c.getGenericType()));
                if (c.isAnnotationPresent(Mm.class)) {
                    field.put("unit", "mm");
                } else if (c.isAnnotationPresent(Degrees.class)) {
                    field.put("unit", "deg");
                }
                field.put("optional", optional(c, kind));
                if (c.getType().isEnum()) {
                    ArrayNode choices = field.putArray("choices");
                    for (Object choice : c.getType().getEnumConstants()) {
                        choices.add(OperationValues.word((Enum<?>) choice));
                    }
                }
            }
            o.set("example", write(kind.example()));
        }
        return all;
    }

    private static OperationKind kind(Operation operation) {
        return OperationCatalogue.kinds().stream()
                .filter(k -> k.type() == operation.getClass())
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(operation.getClass() + " is not in the catalogue"));
    }

    static String field(RecordComponent c) {
        return c.getName().replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    /** What is empty in the example may be left out, as may what is no or nothing. */
    private static boolean optional(RecordComponent c, OperationKind kind) {
        return c.getType() == Optional.class
                || c.getType() == OptionalDouble.class
                || c.getType() == boolean.class
                || USUAL.containsKey(c.getType())
                || List.of().equals(value(kind.example(), c))
                || c.getName().equals("anchor")
                || c.getName().equals("frame")
                || c.getName().equals("name");
    }

    private static Object value(Operation operation, RecordComponent c) {
        try {
            return c.getAccessor().invoke(operation);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }

    private Object read(JsonFields f, RecordComponent c, OperationKind kind) {
        String field = field(c);
        Type type = c.getGenericType();
        Optional<JsonNode> given = f.optional(field);
        if (given.isEmpty()) {
            return absent(c, field, kind);
        }
        boolean length = c.isAnnotationPresent(Mm.class);
        if (type == OptionalDouble.class) {
            return OptionalDouble.of(length ? f.length(field) : f.number(field));
        }
        if (type == double.class) {
            return length ? f.length(field) : f.number(field);
        }
        if (type == int.class) {
            return whole(f.number(field), field);
        }
        if (type instanceof ParameterizedType p && p.getRawType() == Optional.class) {
            Class<?> of = (Class<?>) p.getActualTypeArguments()[0];
            boolean none = LOOKS.contains(of) && given.get().asText().equals("none");
            return none ? Optional.empty() : Optional.of(typed.one(given.get(), of, field));
        }
        if (type instanceof ParameterizedType p && p.getRawType() == List.class) {
            List<Object> list = new ArrayList<>();
            f.list(field).forEach(n -> list.add(typed.one(n, (Class<?>) p.getActualTypeArguments()[0], field)));
            return list;
        }
        return typed.one(given.get(), (Class<?>) type, field);
    }

    /** What a field that is left out means: what is usual, none, no, empty, or what the example has for an anchor or a frame. */
    private static Object absent(RecordComponent c, String field, OperationKind kind) {
        if (!optional(c, kind)) {
            throw new BadJson(field, "missing");
        }
        if (USUAL.containsKey(c.getType())) {
            return USUAL.get(c.getType());
        }
        if (c.getType() == Optional.class) {
            return Optional.empty();
        }
        if (c.getType() == OptionalDouble.class) {
            return OptionalDouble.empty();
        }
        if (c.getType() == boolean.class) {
            return false;
        }
        if (c.getType() == List.class) {
            return List.of();
        }
        return c.getType() == String.class ? "" : value(kind.example(), c);
    }

    private static int whole(double number, String field) {
        if (number != Math.rint(number) || Math.abs(number) > Integer.MAX_VALUE) {
            throw new BadJson(field, Double.toString(number));
        }
        return (int) number;
    }

    private static String type(Type type) {
        if (type instanceof ParameterizedType p) {
            String inner = type(p.getActualTypeArguments()[0]);
            return p.getRawType() == List.class ? "list of " + inner : inner;
        }
        Class<?> c = (Class<?>) type;
        if (c == double.class || c == OptionalDouble.class) {
            return "number";
        }
        if (c == int.class) {
            return "whole number";
        }
        return c.isEnum()
                ? "choice"
                : c.getSimpleName().replaceAll("(?<=.)([A-Z])", " $1").toLowerCase(Locale.ROOT);
    }
}
