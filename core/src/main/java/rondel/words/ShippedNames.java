package rondel.words;

import java.util.Locale;

/** Names of things that ship, as they are shown. In jobs, recipes and commands they keep the one name by which they are found in any language. */
public final class ShippedNames {

    private ShippedNames() {}

    /** What such a name is in the language of the words; a name that a person has given is as it is. */
    public static String shown(String name) {
        String key = "shipped." + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return Words.has(key) ? Words.of(key) : name;
    }
}
