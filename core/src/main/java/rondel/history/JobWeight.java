package rondel.history;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.ShapeElement;
import rondel.job.Sheet;

/** About how much memory a job takes that another, from which it was made, does not: what they share counts nothing. In bytes. */
final class JobWeight {

    /** The job's own lists. */
    private static final long JOB = 500;

    /** A place in a list, and one in the index that finds elements by their ids. */
    private static final long PLACE = 100;

    /** An element with its traits, paint and name. */
    private static final long ELEMENT = 600;

    /** A segment of an outline: three points at most, and some for what is told from it. */
    private static final long SEGMENT = 64;

    private JobWeight() {}

    /** @param job what may share with {@code other} */
    static long beyond(Job job, Job other) {
        long bytes = JOB;
        for (int i = 0; i < job.sheets().size(); i++) {
            Sheet sheet = job.sheets().get(i);
            boolean same = i < other.sheets().size() && other.sheets().get(i) == sheet;
            if (!same) {
                List<Element> before =
                        i < other.sheets().size() ? other.sheets().get(i).elements() : List.of();
                bytes += list(sheet.elements(), before);
            }
        }
        for (Media media : job.media().values()) {
            if (!other.media().containsKey(media.id())) {
                bytes += media.bytes().length();
            }
        }
        return bytes;
    }

    private static long list(List<Element> elements, List<Element> before) {
        if (elements == before) {
            return 0;
        }
        long bytes = elements.size() * PLACE;
        Optional<Set<Element>> elsewhere = Optional.empty();
        for (int i = 0; i < elements.size(); i++) {
            Element e = elements.get(i);
            if (i < before.size() && before.get(i) == e) {
                continue;
            }
            // What was moved in the stack stands elsewhere in the other list; looked up only where there is any such.
            if (elsewhere.isEmpty()) {
                elsewhere = Optional.of(identities(before));
            }
            if (!elsewhere.get().contains(e)) {
                bytes += element(e, i < before.size() ? before.get(i).children() : List.of());
            }
        }
        return bytes;
    }

    private static Set<Element> identities(List<Element> elements) {
        Set<Element> all = Collections.newSetFromMap(new IdentityHashMap<>());
        all.addAll(elements);
        return all;
    }

    private static long element(Element element, List<Element> before) {
        long own = ELEMENT
                + (element instanceof ShapeElement s ? SEGMENT * s.outline().size() : 0);
        return own + list(element.children(), before);
    }
}
