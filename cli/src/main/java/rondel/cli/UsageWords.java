package rondel.cli;

import java.util.Collections;
import java.util.Enumeration;
import java.util.LinkedHashSet;
import java.util.ResourceBundle;
import java.util.Set;
import rondel.words.Words;

/** What commands do and take, as picocli asks for it, in the words of the language: {@code usage.COMMAND.does},
 *  {@code usage.COMMAND.OPTION}, and under {@code usage.any} what several commands take alike.
 *
 * @see <a href="https://picocli.info/#_internationalization">picocli, Internationalization</a> */
final class UsageWords extends ResourceBundle {

    private static final String PROGRAM = "rondel.";
    private static final String DOES = "usage.description";

    /** Gathered once: picocli asks for them at every command. */
    private final Set<String> known = known();

    @Override
    protected Object handleGetObject(String key) {
        String ours = ours(key);
        return Words.has(ours) ? Words.of(ours) : null;
    }

    /** picocli leaves the program's own name before a command's, and no command's name before what any may take. */
    private static String ours(String key) {
        boolean ofCommand = key.startsWith(PROGRAM);
        String inner = ofCommand ? key.substring(PROGRAM.length()) : key;
        if (ofCommand && inner.equals(DOES)) {
            return "usage.rondel.does";
        }
        return inner.endsWith("." + DOES)
                ? "usage." + inner.substring(0, inner.length() - DOES.length()) + "does"
                : ofCommand ? "usage." + inner : "usage.any." + inner;
    }

    @Override
    public Enumeration<String> getKeys() {
        return Collections.enumeration(known);
    }

    private static Set<String> known() {
        Set<String> keys = new LinkedHashSet<>();
        for (String key : Collections.list(Words.bundle().getKeys())) {
            if (key.startsWith("usage.any.")) {
                keys.add(key.substring("usage.any.".length()));
            } else if (key.startsWith("usage.")) {
                String inner = key.substring("usage.".length());
                keys.add(PROGRAM + (inner.endsWith(".does") ? inner.substring(0, inner.length() - 4) + DOES : inner));
            }
        }
        keys.add(PROGRAM + DOES);
        return keys;
    }
}
