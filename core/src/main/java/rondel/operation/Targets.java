package rondel.operation;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Stroke;
import rondel.job.Tree;
import rondel.words.Refusal;
import rondel.words.Words;

/** The elements that an operation may touch, checked. */
public final class Targets {

    private Targets() {}

    /** The outermost of {@code ids}, all there and none locked or in a locked group.
     *
     * @throws Refusal naming the first that is missing or locked, or if none is named */
    public static Set<ElementId> unlocked(Job job, Collection<ElementId> ids) {
        List<Located> found = located(job, ids);
        for (Located at : found) {
            Element locked = at.element().locked()
                    ? at.element()
                    : at.ancestors().stream()
                            .filter(Element::locked)
                            .findFirst()
                            .orElse(null);
            if (locked != null) {
                throw Refusal.of("operation.locked", display(locked));
            }
        }
        return Tree.ids(found);
    }

    /** The outermost of {@code ids}, all there. */
    public static Set<ElementId> existing(Job job, Collection<ElementId> ids) {
        return Tree.ids(located(job, ids));
    }

    private static List<Located> located(Job job, Collection<ElementId> ids) {
        if (ids.isEmpty()) {
            throw Refusal.of("operation.nothingNamed");
        }
        List<Located> all = new ArrayList<>(ids.size());
        ids.forEach(id -> all.add(job.located(id)));
        return Tree.outermost(all);
    }

    /** What an edit has added, back to front. */
    public static Stream<Element> added(Job before, Job after) {
        Set<ElementId> old = before.everything().map(Element::id).collect(Collectors.toSet());
        return after.everything().filter(e -> !old.contains(e.id()));
    }

    /** The groups that an edit has added, back to front. */
    public static List<ElementId> addedGroups(Job before, Job after) {
        return added(before, after)
                .filter(GroupElement.class::isInstance)
                .map(Element::id)
                .toList();
    }

    /** The element's name, or the word for its kind where it has none. */
    public static String display(Element e) {
        return e.name().isBlank() ? Words.of("kind." + e.kind()) : e.name();
    }

    /** The finite number given, or a refusal that names the field. */
    public static double finite(double value, String field) {
        if (!Double.isFinite(value)) {
            throw Refusal.of("operation.notFinite", field);
        }
        return value;
    }

    /** The line given, or none; a refusal where its width is not above 0. */
    public static Optional<Stroke> drawable(Optional<Stroke> stroke) {
        if (stroke.filter(s -> !(s.width() > 0 && Double.isFinite(s.width()))).isPresent()) {
            throw Refusal.of("stroke.notPositive");
        }
        return stroke;
    }
}
