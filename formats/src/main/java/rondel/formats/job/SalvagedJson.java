package rondel.formats.job;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

/** JSON as far as it can be read: where it breaks off or is no JSON any more, what is open is closed there. */
final class SalvagedJson {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    /** What was read.
     *
     * @param root nothing where not even its beginning is an object
     * @param whole whether it was read to its end */
    record Read(Optional<ObjectNode> root, boolean whole) {}

    private SalvagedJson() {}

    static Read of(byte[] json) {
        Deque<JsonNode> open = new ArrayDeque<>();
        Deque<String> names = new ArrayDeque<>();
        Optional<ObjectNode> root = Optional.empty();
        try (JsonParser parser = new JsonFactory().createParser(json)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                switch (token) {
                    case START_OBJECT -> {
                        ObjectNode made = NODES.objectNode();
                        add(open, names, made);
                        open.push(made);
                        if (root.isEmpty()) {
                            root = Optional.of(made);
                        }
                    }
                    case START_ARRAY -> {
                        ArrayNode made = NODES.arrayNode();
                        add(open, names, made);
                        open.push(made);
                    }
                    case END_OBJECT, END_ARRAY -> open.pop();
                    case FIELD_NAME -> names.push(parser.currentName());
                    case VALUE_STRING -> add(open, names, NODES.textNode(parser.getText()));
                    case VALUE_NUMBER_INT -> add(open, names, NODES.numberNode(parser.getBigIntegerValue()));
                    case VALUE_NUMBER_FLOAT -> add(open, names, NODES.numberNode(parser.getDoubleValue()));
                    case VALUE_TRUE, VALUE_FALSE -> add(open, names, NODES.booleanNode(parser.getBooleanValue()));
                    default -> add(open, names, NODES.nullNode());
                }
            }
            return new Read(root, open.isEmpty());
        } catch (IOException brokenOff) {
            return new Read(root, false);
        }
    }

    private static void add(Deque<JsonNode> open, Deque<String> names, JsonNode value) {
        switch (open.peek()) {
            case ObjectNode o -> o.set(names.pop(), value);
            case ArrayNode a -> a.add(value);
            case null, default -> {}
        }
    }
}
