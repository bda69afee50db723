package rondel.words;

import java.text.ChoiceFormat;
import java.text.MessageFormat;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;

/** Every word that a person reads, from the one bundle {@code rondel/words/words.properties}. */
public final class Words {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("rondel.words.words", Locale.ROOT);

    private Words() {}

    /** The sentence or label under {@code key}, its {@code {0}} places filled in as they are, without number grouping; which of several
     *  forms is said goes by the number that it is given.
     *
     * @throws MissingResourceException if the bundle lacks the key: a defect, never the person's doing */
    public static String of(String key, Object... values) {
        String pattern = BUNDLE.getString(key);
        if (values.length == 0) {
            return pattern.replace("''", "'");
        }
        String chosen = pattern;
        for (int i = 0; i < values.length; i++) {
            if (values[i] instanceof Number number) {
                chosen = chosen(chosen, "{" + i + ",choice,", number.doubleValue());
            }
        }
        Object[] texts = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            texts[i] = String.valueOf(values[i]);
        }
        return MessageFormat.format(chosen, texts);
    }

    /** The sentence with what is said of just so many, as {@code {0,choice,1#one file|1<{0} files}}, in its place: before anything is filled in, for
     *  numbers are filled in as they are. */
    private static String chosen(String pattern, String head, double number) {
        int from = pattern.indexOf(head);
        if (from < 0) {
            return pattern;
        }
        int end = from + 1;
        for (int depth = 1; depth > 0; end++) {
            depth += pattern.charAt(end) == '{' ? 1 : pattern.charAt(end) == '}' ? -1 : 0;
        }
        String said = new ChoiceFormat(pattern.substring(from + head.length(), end - 1)).format(number);
        return chosen(pattern.substring(0, from) + said + pattern.substring(end), head, number);
    }

    public static boolean has(String key) {
        return BUNDLE.containsKey(key);
    }
}
