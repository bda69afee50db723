package rondel.job;

import java.util.Map;

/** Fields of a job file that this version does not know, kept as JSON text so that saving loses nothing. */
public record Extras(Map<String, String> fields) {

    public static final Extras NONE = new Extras(Map.of());

    public Extras {
        fields = Map.copyOf(fields);
    }
}
