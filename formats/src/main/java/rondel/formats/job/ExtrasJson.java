package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
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
}
