package rondel.formats.preferences;

import java.util.Arrays;
import java.util.Locale;

/** How one of several choices is written in the preferences: its name in small letters. */
public final class ChoiceWord {

    private ChoiceWord() {}

    public static String of(Enum<?> choice) {
        return choice.name().toLowerCase(Locale.ROOT);
    }

    /** The choice of that word.
     *
     * @param usual where there is none of it */
    public static <E extends Enum<E>> E named(String word, E usual) {
        return Arrays.stream(usual.getDeclaringClass().getEnumConstants())
                .filter(c -> c.name().equalsIgnoreCase(word))
                .findFirst()
                .orElse(usual);
    }
}
