package rondel.gang.copies;

import java.util.List;
import java.util.Set;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lets copies stand for another design, in the same place. */
public record SwapDesign(List<ElementId> elements, Design design) implements Operation {

    public SwapDesign {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        if (!DesignContents.isThere(job, design)) {
            throw Refusal.of("plan.noDesign", DesignContents.name(job, design));
        }
        CopyContent shown = new DesignContents(job).of(design);
        boolean[] any = new boolean[1];
        Job done = Tree.replace(job, ids, (e, toSheet) -> {
            any[0] |= e instanceof CopyElement;
            return e instanceof CopyElement c ? c.withDesign(design, shown) : e;
        });
        if (!any[0]) {
            throw Refusal.of("copy.none");
        }
        return done;
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.swapDesign");
    }
}
