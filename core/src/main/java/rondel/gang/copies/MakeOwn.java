package rondel.gang.copies;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.job.Clip;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes copies things of their own: groups of what they show now, which no longer follow their designs. */
public record MakeOwn(List<ElementId> elements) implements Operation {

    public MakeOwn {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        if (ids.stream().noneMatch(id -> job.located(id).element() instanceof CopyElement)) {
            throw Refusal.of("copy.none");
        }
        Placing placing = new Placing(job);
        Job done = Tree.replace(job, ids, (e, toSheet) -> e instanceof CopyElement c ? own(job, c, placing) : e);
        return done.withNextNumber(placing.next());
    }

    private static Element own(Job job, CopyElement copy, Placing placing) {
        GroupElement shown = copy.content().group();
        String name = copy.name().isBlank() ? DesignContents.name(job, copy.of()) : copy.name();
        List<Element> children = placing.withFreshIds(shown.children());
        Optional<Clip> clip = shown.clip();
        if (children.size() == 1 && clip.isEmpty()) {
            Element only = children.getFirst();
            return only.with(t -> t.withId(copy.id()).placedBy(copy.placement()).withLink(Optional.empty()));
        }
        return new GroupElement(copy.traits().withName(name), new ArrayList<>(children), clip, Optional.empty());
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.makeOwn");
    }
}
