package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import rondel.job.Extras;

/** Fields of a later version, put back as they were read. */
final class ExtrasJson {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private ExtrasJson() {}

    static void write(ObjectNode o, Extras extras) {
        extras.fields().forEach((name, json) -> {
            try {
                o.set(name, MAPPER.readTree(json));
            } catch (JsonProcessingException e) {
                throw new IllegalStateException(e);
            }
        });
    }

    /** The fields that are none of {@code known}, as they stand. */
    static Extras read(JsonNode object, Set<String> known) {
        Map<String, String> others = new HashMap<>();
        object.properties().forEach(e -> {
            if (!known.contains(e.getKey())) {
                others.put(e.getKey(), e.getValue().toString());
            }
        });
        return others.isEmpty() ? Extras.NONE : new Extras(others);
    }
}
