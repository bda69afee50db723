package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Extras;
import rondel.units.LengthParser;
import rondel.units.LengthUnit;

/** The fields of a JSON object, each read as what it must be. */
record JsonFields(JsonNode object) {

    JsonFields {
        if (!object.isObject()) {
            throw new BadJson("object", object.getNodeType().name());
        }
    }

    JsonNode node(String field) {
        return optional(field).orElseThrow(() -> new BadJson(field, "missing"));
    }

    Optional<JsonNode> optional(String field) {
        JsonNode node = object.get(field);
        return node == null || node.isNull() ? Optional.empty() : Optional.of(node);
    }

    String text(String field) {
        JsonNode node = node(field);
        if (!node.isTextual()) {
            throw new BadJson(field, node.toString());
        }
        return node.asText();
    }

    String text(String field, String otherwise) {
        return optional(field).isPresent() ? text(field) : otherwise;
    }

    boolean flag(String field, boolean otherwise) {
        return optional(field).map(JsonNode::asBoolean).orElse(otherwise);
    }

    double number(String field) {
        return finite(node(field), field);
    }

    double number(String field, double otherwise) {
        return optional(field).map(n -> finite(n, field)).orElse(otherwise);
    }

    OptionalDouble optionalNumber(String field) {
        return optional(field).isPresent() ? OptionalDouble.of(number(field)) : OptionalDouble.empty();
    }

    /** A length in mm: a number, or text with a unit. */
    double length(String field) {
        return length(node(field), field);
    }

    double length(String field, double otherwise) {
        return optional(field).map(n -> length(n, field)).orElse(otherwise);
    }

    static double length(JsonNode node, String field) {
        return node.isTextual() ? LengthParser.mm(node.asText(), LengthUnit.MM) : finite(node, field);
    }

    static double finite(JsonNode node, String field) {
        if (!node.isNumber() || !Double.isFinite(node.doubleValue())) {
            throw new BadJson(field, node.toString());
        }
        return node.doubleValue();
    }

    <E extends Enum<E>> E choice(String field, Class<E> type) {
        return Enums.read(node(field), type, field);
    }

    ArrayNode list(String field) {
        if (node(field) instanceof ArrayNode list) {
            return list;
        }
        throw new BadJson(field, node(field).toString());
    }

    ArrayNode listOrEmpty(String field) {
        return optional(field).isPresent() ? list(field) : JsonNodeFactory.instance.arrayNode();
    }

    double[] numbers(String field, int count) {
        ArrayNode list = list(field);
        if (list.size() != count) {
            throw new BadJson(field, list.toString());
        }
        double[] values = new double[count];
        for (int i = 0; i < count; i++) {
            values[i] = finite(list.get(i), field);
        }
        return values;
    }

    Affine affine(String field) {
        if (optional(field).isEmpty()) {
            return Affine.IDENTITY;
        }
        double[] v = numbers(field, 6);
        return new Affine(v[0], v[1], v[2], v[3], v[4], v[5]);
    }

    Box box(String field) {
        double[] v = numbers(field, 4);
        if (v[2] < 0 || v[3] < 0) {
            throw new BadJson(field, "negative size");
        }
        return new Box(v[0], v[1], v[2], v[3]);
    }

    /** The fields that are none of {@code known}, as they stand. */
    Extras extras(Set<String> known) {
        Map<String, String> others = new HashMap<>();
        object.properties().forEach(e -> {
            if (!known.contains(e.getKey())) {
                others.put(e.getKey(), e.getValue().toString());
            }
        });
        return others.isEmpty() ? Extras.NONE : new Extras(others);
    }
}
