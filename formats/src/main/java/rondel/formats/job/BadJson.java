package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import rondel.words.Refusal;

/** A field that is missing or says something that can't be. */
final class BadJson extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final transient List<String> path;
    private final transient Mistake mistake;

    /** What is wrong with the field. */
    sealed interface Mistake {
        /** It is not there, but must be. */
        record Missing() implements Mistake {}

        /** It is there, but nothing has such a field. */
        record Unknown(List<String> known) implements Mistake {}

        /** It is not one of what it may be. */
        record NoChoice(List<String> choices) implements Mistake {}

        /** It can't be what it says. */
        record Wrong() implements Mistake {}
    }

    BadJson(String field, String value) {
        super(field + ": " + value);
        this.path = List.of(field);
        this.mistake = value.equals("missing") ? new Mistake.Missing() : new Mistake.Wrong();
    }

    private BadJson(List<String> path, Mistake mistake, Throwable cause) {
        super(String.join(".", path), cause);
        this.path = path;
        this.mistake = mistake;
    }

    /** What Jackson could not bind, with the way to it.
     *
     * @throws Refusal if there is a sentence for it already */
    static BadJson of(JsonProcessingException e) {
        List<String> path = new ArrayList<>();
        Mistake mistake = new Mistake.Wrong();
        for (Throwable t = e; t != null; t = t.getCause()) {
            switch (t) {
                case Refusal refusal -> throw refusal;
                case BadJson inner -> {
                    path.addAll(inner.path);
                    mistake = inner.mistake;
                }
                case JsonMappingException mapping -> {
                    mapping.getPath().stream()
                            .map(JsonMappingException.Reference::getFieldName)
                            .filter(Objects::nonNull)
                            .forEach(path::add);
                    mistake = mistake instanceof Mistake.Wrong ? mistake(mapping) : mistake;
                }
                default -> {
                    // says nothing of the place
                }
            }
            if (t instanceof BadJson) {
                break;
            }
        }
        return new BadJson(List.copyOf(path), mistake, e);
    }

    private static Mistake mistake(JsonMappingException e) {
        if (e instanceof UnrecognizedPropertyException unknown) {
            return new Mistake.Unknown(
                    unknown.getKnownPropertyIds() == null
                            ? List.of()
                            : unknown.getKnownPropertyIds().stream()
                                    .map(Object::toString)
                                    .sorted()
                                    .toList());
        }
        if (e instanceof InvalidTypeIdException type && type.getBaseType() != null) {
            return new Mistake.NoChoice(List.of());
        }
        Class<?> target = e instanceof MismatchedInputException m ? m.getTargetType() : null;
        if (target != null && target.isEnum()) {
            return new Mistake.NoChoice(Arrays.stream(target.getEnumConstants())
                    .map(c -> Enums.word((Enum<?>) c))
                    .toList());
        }
        boolean missing = e.getOriginalMessage() != null
                && (e.getOriginalMessage().contains("Missing required creator property")
                        || e.getOriginalMessage().contains("Null value for creator property"));
        return missing ? new Mistake.Missing() : new Mistake.Wrong();
    }

    Mistake mistake() {
        return mistake;
    }

    /** The way to the field, from the outermost object's. */
    List<String> path() {
        return path;
    }

    /** The same mistake seen from the object that holds it as a field. */
    BadJson under(String name) {
        List<String> longer = new ArrayList<>(List.of(name));
        longer.addAll(path);
        return new BadJson(List.copyOf(longer), mistake, this);
    }

    /** The name of the field itself. */
    String field() {
        return path.isEmpty() ? "object" : path.getLast();
    }
}
