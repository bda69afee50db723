package rondel.words;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;

/** Every word that a person reads, from the one bundle {@code rondel/words/words.properties}. */
public final class Words {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("rondel.words.words", Locale.ROOT);

    private Words() {}

    /** The sentence or label under {@code key}, its {@code {0}} places filled in as they are, without number grouping.
     *
     * @throws MissingResourceException if the bundle lacks the key: a defect, never the person's doing */
    public static String of(String key, Object... values) {
        String pattern = BUNDLE.getString(key);
        if (values.length == 0) {
            return pattern.replace("''", "'");
        }
        Object[] texts = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            texts[i] = String.valueOf(values[i]);
        }
        return MessageFormat.format(pattern, texts);
    }

    public static boolean has(String key) {
        return BUNDLE.containsKey(key);
    }
}
