package rondel.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import rondel.geometry.Affine;

/** Rewrites an element tree; branches that nothing touches are the same objects afterwards. */
public final class Tree {

    private Tree() {}

    /** Every element whose id is in {@code ids} becomes what {@code change} makes of it, given the map from its parent's
     *  space to the sheet. What lies inside a changed element is left to {@code change}. */
    public static Job replace(Job job, Set<ElementId> ids, BiFunction<Element, Affine, Element> change) {
        return eachSheet(
                job,
                s -> replace(s.elements(), ids, Affine.IDENTITY, (e, toSheet) -> List.of(change.apply(e, toSheet))));
    }

    /** As {@link #replace}, but an element may become none or several. */
    public static Job expand(Job job, Set<ElementId> ids, BiFunction<Element, Affine, List<Element>> change) {
        return eachSheet(job, s -> replace(s.elements(), ids, Affine.IDENTITY, change));
    }

    /** Applies {@code change} to each list of siblings that holds one of {@code ids}. */
    public static Job siblings(Job job, Set<ElementId> ids, UnaryOperator<List<Element>> change) {
        return eachSheet(job, s -> siblings(s.elements(), ids, change));
    }

    /** The ids of {@code ids} that have no ancestor among them: moving a group moves what is in it. */
    public static Set<ElementId> outermost(Job job, Iterable<ElementId> ids) {
        List<Located> found = new ArrayList<>();
        ids.forEach(id -> job.find(id).ifPresent(found::add));
        return ids(outermost(found));
    }

    /** Those of {@code some} that have no ancestor among them. */
    public static List<Located> outermost(List<Located> some) {
        if (some.stream().allMatch(l -> l.ancestors().isEmpty())) {
            return some;
        }
        Set<ElementId> all = ids(some);
        return some.stream()
                .filter(l -> l.ancestors().stream().noneMatch(g -> all.contains(g.id())))
                .toList();
    }

    public static Set<ElementId> ids(List<Located> some) {
        Set<ElementId> ids = HashSet.newHashSet(some.size());
        for (Located l : some) {
            ids.add(l.element().id());
        }
        return ids;
    }

    public static boolean any(Element element, Predicate<Element> test) {
        if (test.test(element)) {
            return true;
        }
        for (Element child : element.children()) {
            if (any(child, test)) {
                return true;
            }
        }
        return false;
    }

    /** An element with every shape in it, at any depth, changed. */
    public static Element shapes(Element element, UnaryOperator<ShapeElement> change) {
        return switch (element) {
            case ShapeElement s -> change.apply(s);
            case GroupElement g ->
                g.withChildren(g.children().stream().map(c -> shapes(c, change)).toList());
            default -> element;
        };
    }

    /** Elements, each changed; the same list where nothing is another object. */
    public static List<Element> each(List<Element> elements, UnaryOperator<Element> change) {
        return ChangedElements.all(elements).each(change);
    }

    /** A job with other elements on each sheet, as {@code change} makes them of it; sheets, and the job, are the same objects where their elements are. */
    public static Job eachSheet(Job job, Function<Sheet, List<Element>> change) {
        List<Sheet> sheets = new ArrayList<>(job.sheets());
        boolean changed = false;
        for (int i = 0; i < sheets.size(); i++) {
            Sheet sheet = sheets.get(i);
            List<Element> elements = change.apply(sheet);
            if (elements != sheet.elements()) {
                sheets.set(i, sheet.withElements(elements));
                changed = true;
            }
        }
        return changed ? job.withSheets(sheets) : job;
    }

    private static List<Element> replace(
            List<Element> elements,
            Set<ElementId> ids,
            Affine toSheet,
            BiFunction<Element, Affine, List<Element>> change) {
        List<Element> result = new ArrayList<>(elements.size());
        boolean changed = false;
        for (Element e : elements) {
            if (ids.contains(e.id())) {
                result.addAll(change.apply(e, toSheet));
                changed = true;
            } else if (e instanceof GroupElement g) {
                List<Element> children = replace(g.children(), ids, toSheet.times(g.placement()), change);
                changed |= children != g.children();
                result.add(children == g.children() ? g : g.withChildren(children));
            } else {
                result.add(e);
            }
        }
        return changed ? result : elements;
    }

    private static List<Element> siblings(
            List<Element> elements, Set<ElementId> ids, UnaryOperator<List<Element>> change) {
        List<Element> result = new ArrayList<>(elements.size());
        boolean changed = false;
        boolean here = false;
        for (Element e : elements) {
            here |= ids.contains(e.id());
            if (e instanceof GroupElement g) {
                List<Element> children = siblings(g.children(), ids, change);
                changed |= children != g.children();
                result.add(children == g.children() ? g : g.withChildren(children));
            } else {
                result.add(e);
            }
        }
        List<Element> list = changed ? result : elements;
        return here ? change.apply(list) : list;
    }
}
