package rondel.formats.export;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import rondel.job.CopyContent;
import rondel.job.Element;

/** What copies show after all in them was changed alike: worked out once for each content and scale, so that a thousand copies still
 *  share one. */
final class ChangedContents {

    private record Key(CopyContent content, double scale) {}

    private final Map<Key, CopyContent> changed = new HashMap<>();

    /** @param scale on the sheet, where the change depends on it */
    CopyContent of(CopyContent content, double scale, UnaryOperator<List<Element>> change) {
        Key key = new Key(content, Math.rint(scale * 1e9));
        CopyContent known = changed.get(key);
        if (known == null) {
            known = content.withElements(change.apply(content.group().children()));
            changed.put(key, known);
        }
        return known;
    }
}
