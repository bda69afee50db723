package rondel.compose.link;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.Placing;
import rondel.job.Traits;
import rondel.job.Tree;

/** Elements that are kept alike: what an edit does to one of a set is done to the others, each in its own place. Where
 *  several of a set were moved by the same edit, each stays where it was put. */
public final class AlikeElements {

    private AlikeElements() {}

    /** The elements that are kept alike, by the word of their set, in the order of the job. */
    static Map<String, List<Element>> sets(Job job) {
        Map<String, List<Element>> sets = new LinkedHashMap<>();
        job.linked().forEach(e -> e.traits().link().ifPresent(l -> {
            if (l instanceof Link.Alike a) {
                sets.computeIfAbsent(a.set(), s -> new ArrayList<>()).add(e);
            }
        }));
        return sets;
    }

    public static Job follow(Job before, Job after) {
        Map<ElementId, Element> followed = new LinkedHashMap<>();
        sets(after).values().stream()
                .filter(set -> set.size() > 1)
                .forEach(set -> follow(before, after, set, followed));
        if (followed.isEmpty()) {
            return after;
        }
        Job done = after;
        for (Set<ElementId> apart = Set.copyOf(followed.keySet()); !apart.isEmpty(); ) {
            Set<ElementId> outermost = Tree.outermost(done, apart);
            done = Tree.replace(done, outermost, (old, toSheet) -> followed.get(old.id()));
            Set<ElementId> inside = new HashSet<>(apart);
            inside.removeAll(outermost);
            apart = outermost.isEmpty() ? Set.of() : inside;
        }
        return renumbered(done);
    }

    private static void follow(Job before, Job after, List<Element> set, Map<ElementId, Element> followed) {
        List<Element> changed = set.stream()
                .filter(e -> before.find(e.id())
                        .filter(was -> was.element() != e && linked(was.element(), e))
                        .isPresent())
                .toList();
        if (changed.isEmpty()) {
            return;
        }
        Element leader = changed.getFirst();
        for (Element e : set) {
            if (e == leader || e.locked()) {
                continue;
            }
            Optional<Element> made = changed.contains(e)
                    ? Optional.of(dressed(after, leader, e, e.placement()))
                    : placement(before, after, leader.id(), e.id()).map(p -> dressed(after, leader, e, p));
            made.ifPresent(f -> followed.put(e.id(), f));
        }
    }

    private static boolean linked(Element was, Element is) {
        return was.traits().link().equals(is.traits().link());
    }

    /** Where a follower stands after its leader has moved: as it stood to the leader before. */
    private static Optional<Affine> placement(Job before, Job after, ElementId leader, ElementId follower) {
        Optional<Located> wasLeader = before.find(leader);
        Optional<Located> wasFollower = before.find(follower);
        if (wasLeader.isEmpty() || wasFollower.isEmpty()) {
            return Optional.empty();
        }
        Affine isLeader = after.located(leader).ownToSheet();
        Optional<Affine> back = wasLeader.get().ownToSheet().inverse();
        Optional<Affine> toParent = after.located(follower).toSheet().inverse();
        return back.flatMap(b -> toParent.map(
                p -> p.times(wasFollower.get().ownToSheet()).times(b).times(isLeader)));
    }

    /** The leader's content in the follower's place; an element inside keeps its id as long as it is there. */
    private static Element dressed(Job job, Element leader, Element follower, Affine placement) {
        Traits t = leader.traits();
        Traits own = new Traits(
                follower.id(),
                t.name(),
                placement,
                t.role(),
                follower.locked(),
                t.hidden(),
                t.opacity(),
                t.pinned(),
                t.shadow(),
                t.link(),
                t.provenance(),
                t.stitch(),
                t.extras());
        Element same = leader.withTraits(own);
        return same instanceof GroupElement g ? g.withChildren(named(g.children(), follower.children())) : same;
    }

    /** Children with the ids of those they stand for, by their place; what is new has none yet. */
    private static List<Element> named(List<Element> children, List<Element> old) {
        List<Element> all = new ArrayList<>(children.size());
        for (int i = 0; i < children.size(); i++) {
            Element child = children.get(i);
            ElementId id = i < old.size() ? old.get(i).id() : Traits.UNPLACED;
            Element renamed = child.with(t -> t.withId(id).withLink(Optional.empty()));
            all.add(
                    renamed instanceof GroupElement g
                            ? g.withChildren(named(
                                    g.children(), i < old.size() ? old.get(i).children() : List.of()))
                            : renamed);
        }
        return all;
    }

    /** Gives an id to each element that has none. */
    private static Job renumbered(Job job) {
        if (job.find(Traits.UNPLACED).isEmpty()) {
            return job;
        }
        Placing placing = new Placing(job);
        Job done = Tree.expand(job, Set.of(Traits.UNPLACED), (e, toSheet) -> placing.withFreshIds(List.of(e)));
        return done.withNextNumber(placing.next());
    }
}
