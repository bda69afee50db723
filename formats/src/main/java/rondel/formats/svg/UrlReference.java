package rondel.formats.svg;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The {@code url(#id)} of a property, with what may follow it as a fallback. */
final class UrlReference {

    private static final Pattern URL = Pattern.compile("^url\\(\\s*['\"]?\\s*#([^)'\"]*?)\\s*['\"]?\\s*\\)\\s*(.*)$");

    private UrlReference() {}

    static Optional<String> id(String value) {
        Matcher m = URL.matcher(value.strip());
        return m.matches() ? Optional.of(m.group(1)) : Optional.empty();
    }

    static String fallback(String value) {
        int close = value.indexOf(')');
        return close < 0 ? "" : value.substring(close + 1).strip();
    }
}
