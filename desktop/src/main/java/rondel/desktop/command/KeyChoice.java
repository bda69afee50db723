package rondel.desktop.command;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.input.KeyCombination;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Which key means which command: the usual ones of the table, or what the person has chosen instead. */
public final class KeyChoice {

    private static final Logger LOG = LoggerFactory.getLogger(KeyChoice.class);

    private final Map<String, Optional<KeyCombination>> usual = new LinkedHashMap<>();
    private final Map<String, Optional<KeyCombination>> own = new LinkedHashMap<>();

    /** Says what is usual.
     *
     * @param keys as JavaFX spells them; empty for none */
    void usual(String id, String keys) {
        usual.put(id, parsed(keys));
    }

    /** What the person has chosen, by the commands' ids; an empty text is no key. What is no key leaves the usual one. */
    public void choose(Map<String, String> chosen) {
        own.clear();
        chosen.forEach((id, keys) -> {
            try {
                own.put(id, parsed(keys));
            } catch (IllegalArgumentException e) {
                LOG.warn("no key: {}", keys, e);
            }
        });
    }

    public Optional<KeyCombination> of(String id) {
        return own.getOrDefault(id, usual.getOrDefault(id, Optional.empty()));
    }

    /** The key that a command has where the person has chosen none. */
    public Optional<KeyCombination> usualOf(String id) {
        return usual.getOrDefault(id, Optional.empty());
    }

    /** Whether a command has another key than usual, or none. */
    public boolean isOwn(String id) {
        return own.containsKey(id) && !own.get(id).equals(usual.getOrDefault(id, Optional.empty()));
    }

    /** The other command that a key means already. */
    public Optional<String> holder(KeyCombination key, String except) {
        return usual.keySet().stream()
                .filter(id -> !id.equals(except))
                .filter(id -> of(id).filter(key::equals).isPresent())
                .findFirst();
    }

    private static Optional<KeyCombination> parsed(String keys) {
        return keys.isEmpty() ? Optional.empty() : Optional.of(KeyCombination.valueOf(keys));
    }
}
