package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import rondel.job.ElementId;
import rondel.job.SheetId;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Puts ids where a recipe names elements and sheets in other ways. */
final class NamedElements {

    private NamedElements() {}

    /** @param steps does the same for an operation inside this one */
    static ObjectNode resolved(
            ObjectNode node, Class<? extends Operation> type, IdSource ids, UnaryOperator<ObjectNode> steps) {
        ObjectNode with = node.objectNode().setAll(node);
        for (RecordComponent c : type.getRecordComponents()) {
            String field = Components.field(c);
            JsonNode said = with.get(field);
            if (said != null && !said.isNull()) {
                with.set(field, resolved(field, said, c.getGenericType(), ids, steps));
            }
        }
        return with;
    }

    private static JsonNode resolved(
            String field, JsonNode said, Type type, IdSource ids, UnaryOperator<ObjectNode> steps) {
        if (type == SheetId.class) {
            return TextNode.valueOf(ids.sheet(said).value());
        }
        if (type == ElementId.class) {
            return one(field, said, ids);
        }
        if (Components.holdsDesigns(type)) {
            return designs(field, said, ids);
        }
        if (!(type instanceof ParameterizedType p)) {
            return said;
        }
        Type argument = p.getActualTypeArguments()[0];
        if (p.getRawType() == Optional.class && argument == ElementId.class) {
            return one(field, said, ids);
        }
        if (p.getRawType() == List.class && argument == ElementId.class) {
            return several(said, ids);
        }
        if (p.getRawType() == List.class && argument == Operation.class && said.isArray()) {
            ArrayNode all = ((ArrayNode) said).arrayNode();
            said.forEach(step -> all.add(step instanceof ObjectNode o ? steps.apply(o) : step));
            return all;
        }
        return said;
    }

    /** Elements and sheets wherever a design stands for them. */
    private static JsonNode designs(String field, JsonNode said, IdSource ids) {
        if (said instanceof ArrayNode list) {
            ArrayNode all = list.arrayNode();
            list.forEach(one -> all.add(designs(field, one, ids)));
            return all;
        }
        if (!(said instanceof ObjectNode object)) {
            return said;
        }
        ObjectNode with = object.objectNode();
        object.properties().forEach(e -> {
            boolean named = e.getValue().isTextual() || e.getValue().isObject();
            with.set(
                    e.getKey(),
                    switch (e.getKey()) {
                        case "element", "piece" -> named ? one(e.getKey(), e.getValue(), ids) : e.getValue();
                        case "sheet" ->
                            named ? TextNode.valueOf(ids.sheet(e.getValue()).value()) : e.getValue();
                        default -> designs(field, e.getValue(), ids);
                    });
        });
        return with;
    }

    private static JsonNode one(String field, JsonNode said, IdSource ids) {
        List<ElementId> meant = ids.elements(said);
        if (meant.size() != 1) {
            throw Refusal.of("recipe.notOne", field, meant.size());
        }
        return TextNode.valueOf(meant.getFirst().value());
    }

    private static JsonNode several(JsonNode said, IdSource ids) {
        Set<ElementId> all = new LinkedHashSet<>();
        if (said.isArray()) {
            said.forEach(one -> all.addAll(ids.elements(one)));
        } else {
            all.addAll(ids.elements(said));
        }
        ArrayNode list = com.fasterxml.jackson.databind.node.JsonNodeFactory.instance.arrayNode();
        all.forEach(id -> list.add(id.value()));
        return list;
    }
}
