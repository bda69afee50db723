package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.lang.reflect.RecordComponent;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
import rondel.words.Refusal;
import rondel.words.Words;

/** Operations as JSON, straight from their records: {@code {"operation": "move", "elements": ["e4"], "dx": "1/4 in", "dy": 0}}.
 *  Lengths are in mm, or text with a unit; fields are named as in the record, words joined by an underscore. */
public final class OperationJson {

    private final JobMapper mapper;
    private final Typesetter typesetter = new Typesetter(FontsAtHand.usual());

    /** @param media where the bytes of placed pictures go and come from */
    public OperationJson(MediaStore media) {
        this.mapper = JobMapper.ofJobs(media);
        mapper.add(Operation.class, this::write, this::read);
    }

    public ObjectNode write(Operation operation) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("operation", kind(operation).name());
        for (RecordComponent c : operation.getClass().getRecordComponents()) {
            JsonNode value = mapper.write(Components.value((Record) operation, c));
            if (!value.isNull()) {
                o.set(Components.field(c), value);
            }
        }
        return o;
    }

    /** @throws Refusal naming the operation and the field that is wrong */
    public Operation read(JsonNode node) {
        String name = node.path("operation").asText();
        if (!node.path("operation").isTextual()) {
            throw Refusal.of("recipe.noOperation");
        }
        Class<? extends Operation> type = OperationCatalogue.named(name)
                .orElseThrow(() -> Refusal.of("recipe.unknownOperation", name))
                .type();
        try {
            Operation read = mapper.read(node, type);
            Set<String> known =
                    Stream.of(type.getRecordComponents()).map(Components::field).collect(Collectors.toSet());
            node.fieldNames().forEachRemaining(given -> {
                if (!known.contains(given) && !given.equals("operation")) {
                    throw Refusal.of("recipe.unknownField", name, given);
                }
            });
            return shaped(read);
        } catch (BadJson e) {
            throw new Refusal(Words.of("recipe.badField", name, e.outermost()), e);
        }
    }

    /** Recipes used to call settings a shape. */
    private static ObjectNode ofToday(ObjectNode node) {
        ObjectNode today = node.objectNode().setAll(node);
        JsonNode settings = today.remove("shape");
        return settings == null ? today : today.set("settings", settings);
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
                describe(c, fields.addObject());
            }
            o.set("example", write(kind.example()));
        }
        return all;
    }

    private static void describe(RecordComponent c, ObjectNode field) {
        field.put("name", Components.field(c)).put("type", Components.type(c.getGenericType()));
        if (c.isAnnotationPresent(Mm.class)) {
            field.put("unit", "mm");
        } else if (c.isAnnotationPresent(Degrees.class)) {
            field.put("unit", "deg");
        }
        field.put("optional", Components.mayBeLeftOut(c));
        if (c.getType().isEnum()) {
            ArrayNode choices = field.putArray("choices");
            for (Object choice : c.getType().getEnumConstants()) {
                choices.add(Enums.word((Enum<?>) choice));
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
