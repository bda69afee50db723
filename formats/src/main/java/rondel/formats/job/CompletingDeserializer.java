package rondel.formats.job;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.deser.std.DelegatingDeserializer;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TreeTraversingParser;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.util.Map;

/** Reads a record after what is left out has been put in. */
final class CompletingDeserializer extends DelegatingDeserializer {

    private static final long serialVersionUID = 1L;

    private final transient Class<?> type;
    private final transient Map<String, JsonNode> usual;

    CompletingDeserializer(JsonDeserializer<?> itself, Class<?> type, Map<String, JsonNode> usual) {
        super(itself);
        this.type = type;
        this.usual = usual;
    }

    @Override
    protected JsonDeserializer<?> newDelegatingInstance(JsonDeserializer<?> other) {
        return new CompletingDeserializer(other, type, usual);
    }

    @Override
    public Object deserialize(JsonParser parser, DeserializationContext context) throws IOException {
        JsonNode given = context.readTree(parser);
        if (!(given instanceof ObjectNode fields)) {
            return context.reportInputMismatch(type, "no object: %s", given.getNodeType());
        }
        ObjectNode whole = fields.objectNode().setAll(fields);
        usual.forEach((name, value) -> {
            if (!whole.hasNonNull(name)) {
                whole.set(name, value);
            }
        });
        for (RecordComponent c : type.getRecordComponents()) {
            if (Components.mayBeNone(c)
                    && whole.path(Components.field(c)).asText().equals("none")) {
                whole.remove(Components.field(c));
            }
        }
        try (JsonParser filled = new TreeTraversingParser(whole, parser.getCodec())) {
            filled.nextToken();
            return super.deserialize(filled, context);
        }
    }
}
