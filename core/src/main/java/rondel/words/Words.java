package rondel.words;

import com.ibm.icu.text.MessageFormat;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Every word that a person reads, from the bundles {@code rondel/words/words*.properties}: one file a language. The language is that of
 *  the process, {@link Locale#getDefault()} as it was at the first word, or English where there is no file for it. */
public final class Words {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle(
            "rondel.words.words",
            Locale.getDefault(),
            ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));

    private static final Locale LANGUAGE = BUNDLE.getLocale().equals(Locale.ROOT) ? Locale.ENGLISH : BUNDLE.getLocale();

    private static final Pattern PLACE = Pattern.compile("\\{(\\d+)}");

    private Words() {}

    /** The sentence or label under {@code key}, its {@code {0}} places filled in as they are, without number grouping. Forms that go by a
     *  number or a word are ICU's, as in {@code {0, plural, one {one file} other {{0} files}}}.
     *
     * @throws MissingResourceException if the bundle lacks the key: a defect, never the person's doing
     * @see <a href="https://unicode-org.github.io/icu/userguide/format_parse/messages/">ICU User Guide, Formatting Messages</a> */
    public static String of(String key, Object... values) {
        String pattern = BUNDLE.getString(key);
        if (values.length == 0) {
            return pattern.replace("''", "'");
        }
        // A number is there twice: to choose a form by, and as the text that is filled in.
        Map<String, Object> named = new HashMap<>();
        for (int i = 0; i < values.length; i++) {
            named.put(Integer.toString(i), values[i]);
            named.put("text" + i, text(values[i]));
        }
        return new MessageFormat(PLACE.matcher(pattern).replaceAll("{text$1}"), LANGUAGE).format(named);
    }

    private static String text(Object value) {
        return value instanceof Double || value instanceof Float
                ? Decimals.written(value.toString())
                : String.valueOf(value);
    }

    public static boolean has(String key) {
        return BUNDLE.containsKey(key);
    }

    /** What the words are in: English where there is no file for the language of the process. */
    public static Locale language() {
        return LANGUAGE;
    }

    /** The languages that there are words in, English first. */
    public static List<Locale> languages() {
        return Stream.concat(
                        Stream.of(Locale.ENGLISH),
                        Arrays.stream(Locale.getISOLanguages())
                                .filter(l ->
                                        Words.class.getResource("/rondel/words/words_" + l + ".properties") != null)
                                .map(Locale::of))
                .toList();
    }

    /** All words, for a library that looks its own up by name. */
    public static ResourceBundle bundle() {
        return BUNDLE;
    }
}
