package rondel.compose.slot;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Placing;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lets go what a clip or a window holds: the shape comes back where it is now, where it was among what was in it, which is
 *  whole again. A clip that came with a drawing comes back as a guide. */
public record Unclip(List<ElementId> elements) implements Operation {

    public Unclip {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        boolean any = ids.stream()
                .anyMatch(id -> job.located(id).element() instanceof GroupElement g
                        && g.clip().isPresent());
        if (!any) {
            throw Refusal.of("clip.noClip");
        }
        Placing placing = new Placing(job);
        Job free = Tree.expand(
                job,
                ids,
                (e, toSheet) -> e instanceof GroupElement g && g.clip().isPresent()
                        ? released(g, g.clip().get(), placing)
                        : List.of(e));
        return free.withNextNumber(placing.next());
    }

    private static List<Element> released(GroupElement g, Clip clip, Placing placing) {
        Affine placement = g.placement();
        List<Element> all = new ArrayList<>();
        Element shape = clip.from()
                .map(e -> placing.keepingFreeIds(List.of(e)).getFirst())
                .orElseGet(() -> guide(clip, g, placing));
        g.children().forEach(c -> all.add(c.with(t -> t.placedBy(placement).withOpacity(t.opacity() * g.opacity()))));
        all.add(Math.clamp(clip.above(), 0, all.size()), shape.with(t -> t.placedBy(placement)));
        return all;
    }

    private static Element guide(Clip clip, GroupElement g, Placing placing) {
        Traits traits = Traits.named(g.name()).withId(placing.freshId()).withRole(Role.GUIDE);
        return new ShapeElement(traits, clip.outline(), clip.rule(), Paint.NONE, java.util.Optional.empty());
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return elements.stream()
                .flatMap(id -> GroupElement.everything(before.located(id).element()))
                .map(Element::id)
                .filter(id -> after.find(id).isPresent())
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.unclip");
    }
}
