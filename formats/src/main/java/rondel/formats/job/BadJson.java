package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import rondel.words.Refusal;

/** A field that is missing or says something that can't be. */
final class BadJson extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<String> path;

    BadJson(String field, String value) {
        super(field + ": " + value);
        this.path = List.of(field);
    }

    private BadJson(List<String> path, Throwable cause) {
        super(String.join(".", path), cause);
        this.path = path;
    }

    /** What Jackson could not bind, with the way to it.
     *
     * @throws Refusal if there is a sentence for it already */
    static BadJson of(JsonProcessingException e) {
        List<String> path = new ArrayList<>();
        for (Throwable t = e; t != null; t = t.getCause()) {
            switch (t) {
                case Refusal refusal -> throw refusal;
                case BadJson inner -> path.addAll(inner.path);
                case JsonMappingException mapping ->
                    mapping.getPath().stream()
                            .map(JsonMappingException.Reference::getFieldName)
                            .filter(Objects::nonNull)
                            .forEach(path::add);
                default -> {
                    // says nothing of the place
                }
            }
            if (t instanceof BadJson) {
                break;
            }
        }
        return new BadJson(List.copyOf(path), e);
    }

    /** The same mistake seen from the object that holds it as a field. */
    BadJson under(String name) {
        List<String> longer = new ArrayList<>(List.of(name));
        longer.addAll(path);
        return new BadJson(List.copyOf(longer), this);
    }

    /** The name of the field itself. */
    String field() {
        return path.isEmpty() ? "object" : path.getLast();
    }

    /** The field of the outermost object that it lies in. */
    String outermost() {
        return path.isEmpty() ? "object" : path.getFirst();
    }
}
