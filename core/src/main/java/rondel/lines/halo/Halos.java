package rondel.lines.halo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Outline;
import rondel.history.Follower;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.ShapeElement;
import rondel.job.SheetId;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.progress.ParallelMap;

/** Halos that follow their artwork: what is only moved or turned takes its halo along; what is changed otherwise gets it anew,
 *  at the stated distance. A halo whose artwork is gone is a line of its own from then on. */
public final class Halos implements Follower {

    private static final double EXACT = 1e-9;

    private final HaloCache cache = new HaloCache();

    /** From one state of a job to the next. */
    private record Edit(HaloMaking was, HaloMaking is, NeighbourChanges changes) {

        static Edit between(HaloMaking was, HaloMaking is) {
            return new Edit(was, is, new NeighbourChanges(was.neighbours(), is.neighbours()));
        }

        /** Whether nothing has happened to its artwork, nor to what comes near: the usual case, told by computing little. */
        boolean leaves(Located old, Located halo, Link.Around link) {
            SheetId sheet = halo.sheet().id();
            return old.sheet().id().equals(sheet)
                    && NeighbourChanges.isSame(located(was.job(), link.elements()), located(is.job(), link.elements()))
                    && is.neighbours().zone(link).stream()
                            .allMatch(z -> changes.noneNear(
                                    z, sheet, k -> was.isNear(k.elements(), link), k -> is.isNear(k.elements(), link)));
        }
    }

    @Override
    public Job follow(Job before, Job after) {
        Map<ElementId, Link.Around> left = new HashMap<>();
        List<ElementId> order = new ArrayList<>();
        after.linked().forEach(e -> Neighbours.link(e).findFirst().ifPresent(l -> {
            left.put(e.id(), l);
            order.add(e.id());
        }));
        Job done = after;
        HaloMaking was = new HaloMaking(before, cache);
        while (!left.isEmpty()) {
            Job now = done;
            Edit edit = Edit.between(was, new HaloMaking(now, cache));
            Set<ElementId> ready = ready(now, left);
            Map<ElementId, Element> changed = new HashMap<>();
            List<ElementId> some = order.stream().filter(ready::contains).toList();
            ParallelMap.of(some, id -> followed(edit, id, left.get(id))).stream()
                    .flatMap(Optional::stream)
                    .forEach(e -> changed.put(e.id(), e));
            done = changed.isEmpty() ? now : Tree.replace(now, changed.keySet(), (e, toSheet) -> changed.get(e.id()));
            left.keySet().removeAll(ready);
        }
        return done;
    }

    @Override
    public void prepare(Job job) {
        HaloMaking making = new HaloMaking(job, cache);
        ParallelMap.of(job.linked().flatMap(Neighbours::link).toList(), making::prepared);
    }

    /** Those that go around no other that is still to follow: a group that holds a halo has one around it only when that is
     *  where it belongs. All, where they go around each other. */
    private static Set<ElementId> ready(Job job, Map<ElementId, Link.Around> left) {
        Set<ElementId> ready = new HashSet<>();
        left.forEach((id, link) -> {
            boolean waits = link.elements().stream()
                    .flatMap(a -> job.find(a).stream())
                    .flatMap(l -> GroupElement.everything(l.element()))
                    .anyMatch(e -> left.containsKey(e.id()));
            if (!waits) {
                ready.add(id);
            }
        });
        return ready.isEmpty() ? new HashSet<>(left.keySet()) : ready;
    }

    /** The halo as it is to be; nothing where it stays as it is. */
    private static Optional<Element> followed(Edit edit, ElementId id, Link.Around link) {
        HaloMaking was = edit.was;
        HaloMaking is = edit.is;
        Job before = was.job();
        Job after = is.job();
        List<Located> then = located(before, link.elements());
        List<Located> now = located(after, link.elements());
        Located halo = after.located(id);
        Optional<Located> old = before.find(id);
        if (old.isEmpty() || then.size() != link.elements().size()) {
            boolean copied = then.isEmpty() && link.gap().isPresent();
            return copied ? anew(halo, link, is) : Optional.empty();
        }
        if (now.size() != link.elements().size()) {
            return Optional.of(halo.element().with(t -> t.withLink(Optional.empty())));
        }
        if (edit.leaves(old.get(), halo, link)) {
            return Optional.empty();
        }
        List<ElementId> company = flat(was.company(old.get(), link));
        boolean sameCompany = company.equals(flat(is.company(halo, link)));
        Optional<Affine> moved = sameCompany
                ? moved(both(then, located(before, company)), both(now, located(after, company)))
                : Optional.empty();
        if (moved.filter(Affine.IDENTITY::equals).isPresent()) {
            return Optional.empty();
        }
        return moved.isPresent() && isRigid(moved.get()) ? carried(old.get(), halo, moved.get()) : anew(halo, link, is);
    }

    private static List<ElementId> flat(List<List<ElementId>> artwork) {
        return artwork.stream().flatMap(List::stream).toList();
    }

    private static List<Located> both(List<Located> some, List<Located> others) {
        List<Located> all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    static List<Located> located(Job job, List<ElementId> ids) {
        return ids.stream().flatMap(i -> job.find(i).stream()).toList();
    }

    /** The one map that brings everything from where it was to where it is; nothing where more has changed. */
    private static Optional<Affine> moved(List<Located> was, List<Located> is) {
        Optional<Affine> all = Optional.empty();
        for (int i = 0; i < was.size(); i++) {
            Affine one;
            if (NeighbourChanges.isSame(was.get(i), is.get(i))) {
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
        return ArtworkKey.Content.of(a).equals(ArtworkKey.Content.of(b)) || equalButPlace(a, b);
    }

    private static boolean equalButPlace(Element a, Element b) {
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
    private static Optional<Element> carried(Located was, Located is, Affine moved) {
        Affine wanted = moved.times(was.ownToSheet());
        return near(wanted, is.ownToSheet())
                ? Optional.empty()
                : is.toSheet().inverse().map(back -> is.element().with(t -> t.withPlacement(back.times(wanted))));
    }

    private static Optional<Element> anew(Located halo, Link.Around link, HaloMaking making) {
        if (!(halo.element() instanceof ShapeElement line)) {
            // What was made of the line, a window for one, is no line any more, and follows nothing.
            return Optional.of(halo.element().with(t -> t.withLink(Optional.empty())));
        }
        Outline outline = making.line(halo, link);
        return outline.isEmpty()
                ? Optional.empty()
                : halo.toSheet().inverse().map(back -> redrawn(line, outline.transformed(back)));
    }

    /** The line along another outline, in its parent's space. */
    static ShapeElement redrawn(ShapeElement line, Outline outline) {
        return new ShapeElement(
                line.traits().withPlacement(Affine.IDENTITY), outline, line.rule(), line.fill(), line.stroke());
    }
}
