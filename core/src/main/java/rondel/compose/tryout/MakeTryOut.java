package rondel.compose.tryout;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.compose.arrange.Group;
import rondel.fields.LeftOut;
import rondel.geometry.Affine;
import rondel.geometry.Point;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes elements alternatives for one place: all are kept, one is shown. Each comes to the middle of the frontmost, which
 *  is the one that is shown first. */
public record MakeTryOut(
        List<ElementId> elements, @LeftOut("") String name) implements Operation {

    public MakeTryOut {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        if (Targets.unlocked(job, elements).size() < 2) {
            throw Refusal.of("align.tooFew", 2);
        }
        Group group = new Group(elements, name);
        Job grouped = group.apply(job);
        ElementId id = group.selects(job, grouped).getFirst();
        return Tree.replace(grouped, Set.of(id), (e, toSheet) -> {
            GroupElement g = ((GroupElement) e).withUse(GroupUse.TRY_OUT);
            return TryOuts.showing(gathered(g), g.children().size() - 1);
        });
    }

    private static GroupElement gathered(GroupElement g) {
        Point place = Extent.of(g.children().getLast(), Affine.IDENTITY)
                .orElseThrow(() -> Refusal.of("operation.noExtent"))
                .centre();
        List<Element> children = new ArrayList<>();
        for (Element child : g.children()) {
            Point now = Extent.of(child, Affine.IDENTITY)
                    .orElseThrow(() -> Refusal.of("operation.noExtent"))
                    .centre();
            boolean there = now.distanceTo(place) < 1e-9;
            Affine move = Affine.translate(place.x() - now.x(), place.y() - now.y());
            children.add(there ? child : child.with(t -> t.placedBy(move)));
        }
        return g.withChildren(children);
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return new Group(elements, name).selects(before, after);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.makeTryOut");
    }
}
