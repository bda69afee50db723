package rondel.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** Which elements of a list are other objects than in a version before: what stands before and behind a change is compared by identity, which touches no
 *  element. In lists of different length all that lies between what they begin and end with alike counts as changed. */
public final class ChangedElements {

    private final List<Element> before;
    private final List<Element> now;

    /** The first that differs. */
    private final int from;

    /** Behind the last that may differ. */
    private final int to;

    private ChangedElements(List<Element> before, List<Element> now) {
        this.before = before;
        this.now = now;
        int most = before == now ? now.size() : Math.min(before.size(), now.size());
        int begin = before == now ? most : 0;
        while (begin < most && before.get(begin) == now.get(begin)) {
            begin++;
        }
        int end = 0;
        while (end < most - begin && before.get(before.size() - 1 - end) == now.get(now.size() - 1 - end)) {
            end++;
        }
        this.from = begin;
        this.to = now.size() - end;
    }

    /** All of a list. */
    static ChangedElements all(List<Element> now) {
        return new ChangedElements(List.of(), now);
    }

    static ChangedElements of(List<Element> before, List<Element> now) {
        return new ChangedElements(before, now);
    }

    /** Those of a sheet against the version of it in a job; of a sheet that is new there, all. */
    public static ChangedElements of(Job before, Sheet now) {
        Optional<Sheet> was =
                before.sheets().stream().filter(s -> s.id().equals(now.id())).findFirst();
        return of(was.map(Sheet::elements).orElse(List.of()), now.elements());
    }

    /** Whether the element at an index is another object than before. */
    private boolean isChanged(int index) {
        return before.size() != now.size() || before.get(index) != now.get(index);
    }

    public void forEach(Consumer<Element> look) {
        for (int i = from; i < to; i++) {
            if (isChanged(i)) {
                look.accept(now.get(i));
            }
        }
    }

    boolean any(Predicate<Element> test) {
        for (int i = from; i < to; i++) {
            if (isChanged(i) && test.test(now.get(i))) {
                return true;
            }
        }
        return false;
    }

    /** The list with each of them changed; the same list where nothing is another object. */
    public List<Element> each(UnaryOperator<Element> change) {
        List<Element> result = now;
        for (int i = from; i < to; i++) {
            Element e = now.get(i);
            Element other = isChanged(i) ? change.apply(e) : e;
            if (other != e) {
                result = result == now ? new ArrayList<>(now) : result;
                result.set(i, other);
            }
        }
        return result;
    }
}
