package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Placing;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.EmptyGroups;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes one group of elements of one sheet, whatever groups they stand in; it takes the place of the frontmost, or lies in front of
 *  the group that the frontmost was in. A group of one is fine. */
public record Group(List<ElementId> elements, @LeftOut("") String name) implements Operation {

    public Group {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Located first = job.located(elements.getFirst());
        Set<ElementId> siblings =
                Set.copyOf(first.siblings().stream().map(Element::id).toList());
        Placing placing = new Placing(job);
        ElementId id = placing.freshId();
        Job grouped = siblings.containsAll(ids)
                ? Tree.siblings(job, ids, list -> gather(list, ids, id))
                : across(job, ids, id, placing);
        if (GroupElement.depth(first.sheet().elements()) >= GroupElement.DEEPEST
                && GroupElement.depth(grouped.sheet(first.sheet().id()).elements()) > GroupElement.DEEPEST) {
            throw Refusal.of("group.tooDeep", GroupElement.DEEPEST);
        }
        return grouped.withNextNumber(placing.next());
    }

    /** From several groups: the new one stands in the innermost group that is around all of them, in the place of the frontmost, and
     *  everything in it looks as it did. */
    private Job across(Job job, Set<ElementId> ids, ElementId id, Placing placing) {
        List<Located> members = job.everything()
                .map(Element::id)
                .filter(ids::contains)
                .map(job::located)
                .toList();
        if (members.stream().map(l -> l.sheet().id()).distinct().count() > 1) {
            throw Refusal.of("group.sheets");
        }
        int common = common(members);
        Located frontmost = members.getLast();
        // What of the frontmost stands in the common group itself: the group goes in front of it.
        ElementId beneath = frontmost.ancestors().size() > common
                ? frontmost.ancestors().get(common).id()
                : frontmost.element().id();
        List<Element> lifted =
                members.stream().map(m -> Lifted.of(m, common, placing)).toList();
        Element group = GroupElement.of(Traits.named(name).withId(id), lifted);
        Job with = Tree.siblings(job, Set.of(beneath), list -> {
            List<Element> all = new ArrayList<>();
            for (Element e : list) {
                all.add(e);
                if (e.id().equals(beneath)) {
                    all.add(group);
                }
            }
            return all;
        });
        Job without = without(with, members, id);
        return EmptyGroups.dissolvedSince(job, without);
    }

    /** Takes the members out of where they stood; their ids are in the new group too, which stays. */
    private static Job without(Job job, List<Located> members, ElementId group) {
        Set<ElementId> gone = new HashSet<>();
        members.forEach(m -> gone.add(m.element().id()));
        return job.withSheets(job.sheets().stream()
                .map(s -> s.withElements(pruned(s.elements(), gone, group)))
                .toList());
    }

    private static List<Element> pruned(List<Element> elements, Set<ElementId> gone, ElementId group) {
        List<Element> all = new ArrayList<>();
        for (Element e : elements) {
            if (e.id().equals(group)) {
                all.add(e);
            } else if (!gone.contains(e.id())) {
                all.add(e instanceof GroupElement g ? g.withChildren(pruned(g.children(), gone, group)) : e);
            }
        }
        return all;
    }

    /** How many of their outermost ancestors elements have in common. */
    private static int common(List<Located> members) {
        List<GroupElement> shared = members.getFirst().ancestors();
        int common = shared.size();
        for (Located m : members) {
            int same = 0;
            while (same < Math.min(common, m.ancestors().size())
                    && m.ancestors().get(same).id().equals(shared.get(same).id())) {
                same++;
            }
            common = same;
        }
        return common;
    }

    private List<Element> gather(List<Element> siblings, Set<ElementId> ids, ElementId id) {
        List<Element> members =
                siblings.stream().filter(e -> ids.contains(e.id())).toList();
        List<Element> result = new ArrayList<>();
        for (Element e : siblings) {
            if (!ids.contains(e.id())) {
                result.add(e);
            } else if (e == members.getLast()) {
                result.add(GroupElement.of(Traits.named(name).withId(id), members));
            }
        }
        return result;
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return after.located(elements.getFirst()).parent().map(Element::id).stream()
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.group");
    }
}
