package rondel.job;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/** What is known of single elements of a sheet. A version of a sheet takes over from those before what was asked of elements that it shares with them, so that
 *  an edit costs what it changed. Safe on any thread. */
final class ElementAnswers {

    /** So many versions back answers are looked for: one whose questions were called off halfway knows only some of them. */
    private static final int VERSIONS = 8;

    private final Map<Asked, Object> answers = new ConcurrentHashMap<>();
    private volatile Optional<ElementAnswers> before;

    private ElementAnswers(Optional<ElementAnswers> before) {
        this.before = before;
    }

    static ElementAnswers none() {
        return new ElementAnswers(Optional.empty());
    }

    /** Those of the next version. */
    ElementAnswers next() {
        ElementAnswers next = new ElementAnswers(answers.isEmpty() ? before : Optional.of(this));
        next.forget(VERSIONS);
        return next;
    }

    /** What was told of an element, at this version or one before; else what {@code question} tells of it now. */
    Object once(Element element, Object about, Supplier<?> question) {
        Asked asked = new Asked(element, about);
        Object answer = known(asked);
        if (answer == null) {
            answer = question.get();
        }
        answers.putIfAbsent(asked, answer);
        return answers.get(asked);
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
