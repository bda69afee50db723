package rondel.formats.job;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.util.function.Function;

/** Types whose JSON is not that of their components. */
final class HandWritten {

    private HandWritten() {}

    static <T> void add(SimpleModule module, Class<T> type, Function<T, JsonNode> written, Function<JsonNode, T> read) {
        module.addSerializer(type, new StdSerializer<T>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public void serialize(T value, JsonGenerator g, SerializerProvider p) throws IOException {
                p.defaultSerializeValue(written.apply(value), g);
            }
        });
        module.addDeserializer(type, new StdDeserializer<T>(type) {
            private static final long serialVersionUID = 1L;

            @Override
            public T deserialize(JsonParser p, DeserializationContext context) throws IOException {
                return read.apply(context.readTree(p));
            }
        });
    }
}
