package rondel.compose.slot;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.fields.RecipeName;
import rondel.geometry.Affine;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes each of some closed outlines a window: a slot for a picture. The shape is kept and comes back with
 *  {@link Unclip}. */
@RecipeName("make-windows")
public record MakeSlots(List<ElementId> elements, Fit fit) implements Operation {

    public MakeSlots {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Placing placing = new Placing(job);
        Job made = Tree.replace(job, ids, (e, toSheet) -> slot(e, placing));
        return made.withNextNumber(placing.next());
    }

    private Element slot(Element shape, Placing placing) {
        Clip clip = Clipping.outline(shape).orElseThrow(() -> Refusal.of("clip.noOutline", Targets.display(shape)));
        ElementId own = placing.freshId();
        return new GroupElement(
                shape.traits().withPlacement(Affine.IDENTITY).withLink(Optional.empty()),
                List.of(),
                Optional.of(new Clip(clip.outline(), clip.rule(), Optional.of(shape.with(t -> t.withId(own)
                        .withShadow(Optional.empty()))))),
                Optional.empty(),
                new GroupUse.Slot(fit));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.makeWindows");
    }
}
