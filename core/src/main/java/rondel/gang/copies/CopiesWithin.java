package rondel.gang.copies;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import rondel.job.Clip;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.Mask;
import rondel.job.Sheet;
import rondel.job.Tree;

/** The copies in elements, at any depth, and in what clips and masks keep; what a copy shows is not looked into. */
final class CopiesWithin {

    private static final Predicate<Element> ANY = CopiesWithin::any;

    private CopiesWithin() {}

    static boolean any(Sheet sheet) {
        return sheet.any(ANY);
    }

    private static boolean any(List<Element> elements) {
        for (Element e : elements) {
            if (any(e)) {
                return true;
            }
        }
        return false;
    }

    private static boolean any(Element e) {
        return switch (e) {
            case CopyElement c -> true;
            case GroupElement g ->
                any(g.children())
                        || g.clip()
                                .flatMap(Clip::from)
                                .filter(CopiesWithin::any)
                                .isPresent()
                        || g.mask().filter(m -> any(m.content())).isPresent();
            default -> false;
        };
    }

    /** Elements with something else in the place of each copy; the same list where nothing is another object. */
    static List<Element> replaced(List<Element> elements, Function<CopyElement, Element> by) {
        return Tree.each(elements, e -> replaced(e, by));
    }

    /** An element with something else in the place of each copy; the same object where nothing is another. */
    static Element replaced(Element e, Function<CopyElement, Element> by) {
        return switch (e) {
            case CopyElement c -> by.apply(c);
            case GroupElement g -> group(g, by);
            default -> e;
        };
    }

    private static Element group(GroupElement group, Function<CopyElement, Element> by) {
        GroupElement g = group.each(e -> replaced(e, by));
        if (g.mask().isEmpty()) {
            return g;
        }
        Mask mask = g.mask().get();
        List<Element> content = replaced(mask.content(), by);
        return content == mask.content()
                ? g
                : new GroupElement(
                        g.traits(),
                        g.children(),
                        g.clip(),
                        Optional.of(new Mask(content, mask.area(), mask.kind())),
                        g.use());
    }
}
