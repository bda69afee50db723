package rondel.desktop.sheet;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import rondel.job.Element;

/** Which elements of two states of a sheet are not the same objects in the same order. */
final class SheetDifference {

    private SheetDifference() {}

    /** What is only before or only after; where there is no such, what stands elsewhere in the order. */
    static List<Element> changed(List<Element> before, List<Element> after) {
        int same = 0;
        int shorter = Math.min(before.size(), after.size());
        while (same < shorter && before.get(same) == after.get(same)) {
            same++;
        }
        int behind = 0;
        while (behind < shorter - same
                && before.get(before.size() - 1 - behind) == after.get(after.size() - 1 - behind)) {
            behind++;
        }
        List<Element> was = before.subList(same, before.size() - behind);
        List<Element> is = after.subList(same, after.size() - behind);
        List<Element> changed = new ArrayList<>(missing(was, is));
        changed.addAll(missing(is, was));
        return changed.isEmpty() ? is : changed;
    }

    private static List<Element> missing(List<Element> from, List<Element> in) {
        Map<Element, Boolean> there = new IdentityHashMap<>();
        in.forEach(e -> there.put(e, true));
        return from.stream().filter(e -> !there.containsKey(e)).toList();
    }
}
