package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Locale;

/** Choices as JSON spells them: lower case, words joined by a hyphen. */
final class Enums {

    private Enums() {}

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    static <E extends Enum<E>> E read(JsonNode node, Class<E> type, String field) {
        for (E value : type.getEnumConstants()) {
            if (word(value).equals(node.asText())) {
                return value;
            }
        }
        throw new BadJson(field, node.asText());
    }
}
