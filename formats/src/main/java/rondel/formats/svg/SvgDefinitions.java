package rondel.formats.svg;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Consumer;

/** The gradients, patterns, clips and masks of a file, each written once and called by an id. */
final class SvgDefinitions {

    private final Map<Object, String> ids = new HashMap<>();
    private final StringBuilder text = new StringBuilder();

    /** The id of what {@code key} stands for, writing it with {@code write} the first time. */
    String id(Object key, String prefix, Consumer<Definition> write) {
        String known = ids.get(key);
        if (known != null) {
            return known;
        }
        String id = prefix + "-" + (ids.size() + 1);
        ids.put(key, id);
        XmlText xml = new XmlText(2);
        write.accept(new Definition(id, xml));
        text.append(xml);
        return id;
    }

    /** Where one definition is written. */
    record Definition(String id, XmlText xml) {}

    boolean isEmpty() {
        return text.isEmpty();
    }

    String text() {
        return text.toString();
    }
}
