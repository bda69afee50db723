package rondel.formats.preferences;

import com.fasterxml.jackson.annotation.JsonAnyGetter;
import com.fasterxml.jackson.annotation.JsonAnySetter;
import java.util.LinkedHashMap;
import java.util.Map;

/** What a person prefers. What it does not know is kept, as a newer version may have written it.
 *
 * @param theme {@code light}, {@code dark} or {@code system}
 * @param others what else the file has */
public record Preferences(
        String theme, @JsonAnySetter @JsonAnyGetter Map<String, Object> others) {

    public static final Preferences USUAL = new Preferences("light", Map.of());

    public Preferences {
        theme = theme == null ? "light" : theme;
        others = others == null ? Map.of() : Map.copyOf(new LinkedHashMap<>(others));
    }

    public Preferences withTheme(String other) {
        return new Preferences(other, others);
    }
}
