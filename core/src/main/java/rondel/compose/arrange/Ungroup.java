package rondel.compose.arrange;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.paint.PaintedExtent;
import rondel.words.Refusal;
import rondel.words.Words;

/** Sets free what groups hold, one level or all, where it stands. A group's clip or mask goes along with each thing that
 *  was in it, as a group of one, so that nothing changes its look; so does see-through. Things that lie wholly inside a
 *  clip that came with the artwork, as that of a drawing's page, need it no longer. */
public record Ungroup(List<ElementId> elements, boolean allLevels) implements Operation {

    public Ungroup {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        boolean anyGroup = ids.stream().anyMatch(id -> job.located(id).element() instanceof GroupElement);
        if (!anyGroup) {
            throw Refusal.of("ungroup.noGroup");
        }
        Placing placing = new Placing(job);
        Job free = Tree.expand(job, ids, (e, toSheet) -> freed(e, placing).toList());
        return free.withNextNumber(placing.next());
    }

    private Stream<Element> freed(Element e, Placing placing) {
        if (!(e instanceof GroupElement group)) {
            return Stream.of(e);
        }
        return group.children().stream().flatMap(child -> {
            Stream<Element> parts = allLevels && child instanceof GroupElement inner && !inner.veiled()
                    ? freed(child, placing)
                    : Stream.of(child);
            return parts.map(part -> outOf(group, part, placing));
        });
    }

    private Element outOf(GroupElement group, Element part, Placing placing) {
        boolean hidden = group.hidden() || part.hidden();
        if (group.veiled() && !isWhole(part, group)) {
            return group.withChildren(List.of(part))
                    .withTraits(group.traits()
                            .withId(placing.freshId())
                            .withName(part.name())
                            .withHidden(hidden));
        }
        return part.with(t -> t.placedBy(group.placement())
                .withOpacity(t.opacity() * group.opacity())
                .withHidden(hidden));
    }

    /** Whether a group's veil takes nothing away from one of its parts, and never was a thing of its own. */
    private static boolean isWhole(Element part, GroupElement group) {
        boolean plain = group.mask().isEmpty()
                && GroupElement.everything(part)
                        .allMatch(e -> !e.hidden() && e.traits().shadow().isEmpty());
        Optional<Box> ink = PaintedExtent.drawn(part, Affine.IDENTITY);
        return plain
                && group.clip()
                        .filter(c -> c.from().isEmpty())
                        .map(c -> c.outline().toShape(c.rule()))
                        .filter(clip -> ink.filter(b -> clip.contains(b.x(), b.y(), b.width(), b.height()))
                                .isPresent())
                        .isPresent();
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        Set<ElementId> inside = Set.copyOf(elements.stream()
                .flatMap(id -> GroupElement.everything(before.located(id).element()))
                .map(Element::id)
                .toList());
        List<ElementId> there = after.everything()
                .map(Element::id)
                .filter(id -> inside.contains(id) || before.find(id).isEmpty())
                .toList();
        Set<ElementId> outermost = Tree.outermost(after, there);
        return there.stream().filter(outermost::contains).toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.ungroup");
    }
}
