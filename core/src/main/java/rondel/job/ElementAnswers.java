package rondel.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.Supplier;

/** What is known of the elements of a sheet, of each and of all together. A version of a sheet takes over from those before what was asked of elements that it
 *  shares with them, so that an edit costs what it changed. Safe on any thread. */
final class ElementAnswers {

    /** So many versions back answers are looked for: one whose questions were called off halfway knows only some of them. */
    private static final int VERSIONS = 8;

    private final Map<Asked, Object> answers = new ConcurrentHashMap<>();
    private final Map<Predicate<Element>, Boolean> any = new ConcurrentHashMap<>();
    private volatile Optional<ElementIndex> index = Optional.empty();
    private volatile Optional<ElementAnswers> before;

    private ElementAnswers(Optional<ElementAnswers> before) {
        this.before = before;
    }

    static ElementAnswers none() {
        return new ElementAnswers(Optional.empty());
    }

    /** Those of the next version.
     *
     * @param was the elements that these are about */
    ElementAnswers next(List<Element> was, List<Element> now) {
        if (was == now) {
            return this;
        }
        ElementAnswers next = new ElementAnswers(answers.isEmpty() ? before : Optional.of(this));
        next.forget(VERSIONS);
        next.index = index.filter(i -> ElementIndex.alike(was, now));
        ChangedElements changed = ChangedElements.of(was, now);
        any.forEach((test, found) -> {
            if (!found && !changed.any(test)) {
                next.any.put(test, false);
            }
        });
        return next;
    }

    ElementIndex index(List<Element> elements) {
        ElementIndex known = index.orElse(null);
        if (known == null) {
            known = ElementIndex.of(elements);
            index = Optional.of(known);
        }
        return known;
    }

    /** Whether any of the elements passes a test; none passes once it is known that none did, and none that changed does. */
    boolean any(List<Element> elements, Predicate<Element> test) {
        return any.computeIfAbsent(test, t -> ChangedElements.all(elements).any(t));
    }

    /** What was told of an element, at this version or one before; else what {@code question} tells of it now. */
    Object once(Element element, Object about, Supplier<?> question) {
        Asked asked = new Asked(element, about);
        Object known = known(asked);
        Object answer = known == null ? question.get() : known;
        Object other = answers.putIfAbsent(asked, answer);
        return other == null ? answer : other;
    }

    private Object known(Asked asked) {
        Optional<ElementAnswers> at = Optional.of(this);
        while (at.isPresent()) {
            Object answer = at.get().answers.get(asked);
            if (answer != null) {
                return answer;
            }
            at = at.get().before;
        }
        return null;
    }

    private void forget(int versions) {
        ElementAnswers at = this;
        for (int i = 0; i < versions && at.before.isPresent(); i++) {
            at = at.before.get();
        }
        at.before = Optional.empty();
    }

    /** A question about one element and no other that is equal to it: two that look alike are told apart quicker than compared. */
    private record Asked(Element element, Object about) {

        @Override
        public boolean equals(Object other) {
            return other instanceof Asked a && a.element == element && a.about.equals(about);
        }

        @Override
        public int hashCode() {
            return 31 * System.identityHashCode(element) + about.hashCode();
        }
    }
}
