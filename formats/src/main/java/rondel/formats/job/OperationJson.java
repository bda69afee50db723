package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.RecordComponent;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.compose.lettering.AddText;
import rondel.compose.lettering.SetText;
import rondel.fields.Degrees;
import rondel.fields.Mm;
import rondel.formats.fonts.FontsAtHand;
import rondel.operation.Operation;
import rondel.text.Typesetter;
import rondel.words.NearMatch;
import rondel.words.Refusal;

/** Operations as JSON, straight from their records: {@code {"operation": "move", "elements": ["e4"], "dx": "1/4 in", "dy": 0}}.
 *  Lengths are in mm, or text with a unit; fields are named as in the record, words joined by an underscore. */
public final class OperationJson {

    /** How deep nested fields are listed. */
    private static final int DEEPEST = 3;

    /** How much of a wrong value is said again. */
    private static final int LONGEST_SAID = 60;

    private final JobMapper mapper;
    private final Typesetter typesetter = new Typesetter(FontsAtHand.usual());

    /** @param media where the bytes of placed pictures go and come from */
    public OperationJson(MediaStore media) {
        this.mapper = JobMapper.ofOperations(media);
        mapper.add(Operation.class, this::write, this::read);
    }

    public ObjectNode write(Operation operation) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("operation", kind(operation).name());
        for (RecordComponent c : operation.getClass().getRecordComponents()) {
            Object said = Components.value((Record) operation, c);
            JsonNode value = said instanceof List && Components.holdsDesigns(c.getGenericType())
                    ? mapper.write(said, c.getGenericType())
                    : mapper.write(said);
            if (!value.isNull()) {
                o.set(Components.field(c), value);
            }
        }
        return o;
    }

    /** @throws Refusal naming the operation and the field that is wrong */
    public Operation read(JsonNode node) {
        Class<? extends Operation> type = type(node);
        String name = node.path("operation").asText();
        List<String> known =
                Stream.of(type.getRecordComponents()).map(Components::field).toList();
        JsonNode today = ofToday(node, known);
        try {
            Operation read = mapper.read(today, type);
            today.fieldNames().forEachRemaining(given -> {
                if (!known.contains(given) && !given.equals("operation")) {
                    throw unknown(name, given, known);
                }
            });
            return shaped(read);
        } catch (BadJson e) {
            today.fieldNames().forEachRemaining(given -> {
                if (!known.contains(given) && !given.equals("operation")) {
                    throw unknown(name, given, known);
                }
            });
            throw sentence(name, today, e);
        }
    }

    private static Refusal unknown(String operation, String field, List<String> known) {
        return Refusal.of(
                "recipe.unknownField",
                operation,
                field,
                NearMatch.sentence(field.substring(field.lastIndexOf('.') + 1), known),
                String.join(", ", known));
    }

    private static Refusal sentence(String operation, JsonNode node, BadJson e) {
        String field = e.path().isEmpty() ? "object" : String.join(".", e.path());
        JsonNode value = node;
        for (String step : e.path()) {
            value = value.path(step);
        }
        String said = value.isMissingNode() ? "nothing" : value.toString();
        return switch (e.mistake()) {
            case BadJson.Mistake.Missing m -> Refusal.of("recipe.missingField", operation, field);
            case BadJson.Mistake.Unknown u -> unknown(operation, field, u.known());
            case BadJson.Mistake.NoChoice c
            when !c.choices().isEmpty() ->
                Refusal.of("recipe.badChoice", operation, field, String.join(", ", c.choices()), said);
            default ->
                Refusal.of(
                        "recipe.badValue",
                        operation,
                        field,
                        said.length() > LONGEST_SAID ? said.substring(0, LONGEST_SAID) + "…" : said);
        };
    }

    /** The operation that a node names.
     *
     * @throws Refusal if it names none */
    private static Class<? extends Operation> type(JsonNode node) {
        String name = node.path("operation").asText();
        if (!node.path("operation").isTextual()) {
            throw Refusal.of("recipe.noOperation");
        }
        return OperationCatalogue.named(name)
                .orElseThrow(() -> Refusal.of(
                        "recipe.unknownOperation",
                        name,
                        NearMatch.sentence(
                                name,
                                OperationCatalogue.kinds().stream()
                                        .map(OperationKind::name)
                                        .toList())))
                .type();
    }

    /** Recipes used to call settings a shape. */
    private static JsonNode ofToday(JsonNode node, List<String> known) {
        if (!(node instanceof ObjectNode o)
                || !o.has("shape")
                || known.contains("shape")
                || !known.contains("settings")) {
            return node;
        }
        ObjectNode today = o.objectNode().setAll(o);
        return today.set("settings", today.remove("shape"));
    }

    /** An operation whose elements and sheets are named otherwise than by ids, with their ids.
     *
     * @param ids what names mean
     * @throws Refusal if the operation is unknown, or a name means nothing */
    public ObjectNode withIds(ObjectNode node, IdSource ids) {
        return NamedElements.resolved(node, type(node), ids, step -> withIds(step, ids));
    }

    /** Lettering whose outlines are left out is shaped with the fonts at hand. */
    private Operation shaped(Operation operation) {
        return switch (operation) {
            case AddText t
            when t.outline().isEmpty() ->
                new AddText(
                        t.sheet(),
                        t.x(),
                        t.y(),
                        t.lettering(),
                        t.fill(),
                        Optional.of(typesetter.outline(t.lettering())));
            case SetText t
            when t.outline().isEmpty() ->
                new SetText(t.element(), t.lettering(), Optional.of(typesetter.outline(t.lettering())));
            default -> operation;
        };
    }

    /** Every operation with its fields, their types and units, and an example. */
    public ArrayNode catalogue() {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (OperationKind kind : OperationCatalogue.kinds()) {
            ObjectNode o = all.addObject().put("name", kind.name()).put("summary", kind.summary());
            ArrayNode fields = o.putArray("fields");
            for (RecordComponent c : kind.type().getRecordComponents()) {
                describe(c, fields.addObject(), 0);
            }
            o.set("example", write(kind.example()));
        }
        return all;
    }

    private static void describe(RecordComponent c, ObjectNode field, int depth) {
        field.put("name", Components.field(c)).put("type", Components.type(c.getGenericType()));
        if (c.isAnnotationPresent(Mm.class)) {
            field.put("unit", "mm");
        } else if (c.isAnnotationPresent(Degrees.class)) {
            field.put("unit", "deg");
        }
        field.put("optional", Components.mayBeLeftOut(c));
        Components.choices(c.getGenericType())
                .forEach(choice -> field.withArray("choices").add(choice));
        if (depth < DEEPEST) {
            for (Class<?> nested : Components.nested(c.getGenericType())) {
                ObjectNode of = field.withArray("of").addObject();
                Components.kind(nested).ifPresent(k -> of.put("kind", k));
                Components.wrapper(nested).ifPresent(w -> of.put("in", w));
                ArrayNode fields = of.putArray("fields");
                for (RecordComponent inner : nested.getRecordComponents()) {
                    describe(inner, fields.addObject(), depth + 1);
                }
            }
        }
    }

    private static OperationKind kind(Operation operation) {
        return OperationCatalogue.kinds().stream()
                .filter(k -> k.type() == operation.getClass())
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(operation.getClass() + " is not in the catalogue"));
    }
}
