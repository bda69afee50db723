package rondel.halo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.job.Tree;

/** Halos that follow their artwork: what is only moved or turned takes its halo along; what is changed otherwise gets it anew,
 *  at the stated distance. A halo whose artwork is gone is a line of its own from then on. */
public final class Halos {

    private static final double EXACT = 1e-9;

    private Halos() {}

    public static Job follow(Job before, Job after) {
        List<Element> halos = after.everything()
                .filter(e -> Neighbours.link(e).findAny().isPresent())
                .toList();
        Job done = after;
        Neighbours company = new Neighbours(before);
        HaloMaking making = new HaloMaking(after);
        for (Element halo : halos) {
            Link.Around link = Neighbours.link(halo).findFirst().orElseThrow();
            done = follow(before, done, halo.id(), link, company, making);
        }
        return done;
    }

    private static Job follow(
            Job before, Job after, ElementId id, Link.Around link, Neighbours company, HaloMaking making) {
        List<Located> was = located(before, link.elements());
        List<Located> is = located(after, link.elements());
        if (before.find(id).isEmpty() || was.size() != link.elements().size()) {
            boolean copied = was.isEmpty() && link.gap().isPresent();
            return copied ? anew(after, id, link, making) : after;
        }
        if (is.size() != link.elements().size()) {
            return replaced(after, id, e -> e.with(t -> t.withLink(Optional.empty())));
        }
        List<ElementId> beside = beside(company, before.located(id), link);
        boolean sameCompany = beside.equals(beside(making.neighbours(), after.located(id), link));
        Optional<Affine> moved = sameCompany
                ? moved(both(was, located(before, beside)), both(is, located(after, beside)))
                : Optional.empty();
        if (moved.filter(Affine.IDENTITY::equals).isPresent()) {
            return after;
        }
        return moved.isPresent() && isRigid(moved.get())
                ? carried(before, after, id, moved.get())
                : anew(after, id, link, making);
    }

    private static List<ElementId> beside(Neighbours company, Located halo, Link.Around link) {
        return company.of(halo, link).stream().flatMap(List::stream).toList();
    }

    private static List<Located> both(List<Located> some, List<Located> others) {
        List<Located> all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    private static List<Located> located(Job job, List<ElementId> ids) {
        return ids.stream().flatMap(i -> job.find(i).stream()).toList();
    }

    /** The one map that brings everything from where it was to where it is; nothing where more has changed. */
    private static Optional<Affine> moved(List<Located> was, List<Located> is) {
        Optional<Affine> all = Optional.empty();
        for (int i = 0; i < was.size(); i++) {
            Affine one;
            if (was.get(i).element() == is.get(i).element()
                    && was.get(i).toSheet().equals(is.get(i).toSheet())) {
                one = Affine.IDENTITY;
            } else if (sameButPlace(was.get(i).element(), is.get(i).element())) {
                Optional<Affine> back = was.get(i).ownToSheet().inverse();
                if (back.isEmpty()) {
                    return Optional.empty();
                }
                one = is.get(i).ownToSheet().times(back.get());
            } else {
                return Optional.empty();
            }
            Affine map = one;
            if (all.filter(a -> !near(a, map)).isPresent()) {
                return Optional.empty();
            }
            all = Optional.of(one);
        }
        return all;
    }

    private static boolean sameButPlace(Element a, Element b) {
        Traits plain = Traits.named("").withId(a.id());
        return a.withTraits(plain).equals(b.withTraits(plain)) && a.hidden() == b.hidden();
    }

    private static boolean near(Affine a, Affine b) {
        return a.isNear(b, EXACT, 1e-6);
    }

    private static boolean isRigid(Affine m) {
        return Math.abs(Math.abs(m.determinant()) - 1) < EXACT && m.keepsCircles();
    }

    /** The halo is taken along, unless the same edit has moved it too. */
    private static Job carried(Job before, Job after, ElementId id, Affine moved) {
        Located was = before.located(id);
        Located is = after.located(id);
        Affine wanted = moved.times(was.ownToSheet());
        Optional<Affine> back = is.toSheet().inverse();
        return near(wanted, is.ownToSheet()) || back.isEmpty()
                ? after
                : replaced(
                        after, id, e -> e.with(t -> t.withPlacement(back.get().times(wanted))));
    }

    private static Job anew(Job after, ElementId id, Link.Around link, HaloMaking making) {
        Located at = after.located(id);
        Outline outline = making.line(after, at, link);
        Optional<Affine> back = at.toSheet().inverse();
        return outline.isEmpty() || back.isEmpty()
                ? after
                : replaced(after, id, e -> redrawn((ShapeElement) e, outline.transformed(back.get())));
    }

    /** The line along another outline, in its parent's space. */
    static ShapeElement redrawn(ShapeElement line, Outline outline) {
        return new ShapeElement(
                line.traits().withPlacement(Affine.IDENTITY), outline, line.rule(), line.fill(), line.stroke());
    }

    private static Job replaced(Job job, ElementId id, java.util.function.UnaryOperator<Element> change) {
        return Tree.replace(job, Set.of(id), (e, toSheet) -> change.apply(e));
    }
}
