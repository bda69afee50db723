package rondel.compose.sheets;

import java.util.List;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Placing;
import rondel.job.SheetId;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Copies elements to another sheet, in front of all else there, where they are on theirs. */
public record CopyTo(List<ElementId> elements, SheetId sheet) implements Operation {

    public CopyTo {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.existing(job, elements);
        job.sheet(sheet);
        Placing placing = new Placing(job);
        List<Element> copies = placing.withFreshIds(lifted(job, elements));
        return job.withSheet(sheet, s -> s.withInFront(copies)).withNextNumber(placing.next());
    }

    /** The outermost of elements as they lie on their sheets, back to front, none locked. */
    public static List<Element> lifted(Job job, List<ElementId> elements) {
        var outermost = Tree.outermost(job, elements);
        return job.everything()
                .filter(e -> outermost.contains(e.id()))
                .map(e -> {
                    Located at = job.located(e.id());
                    Affine toSheet = at.toSheet();
                    return e.with(t -> t.placedBy(toSheet).withLocked(false));
                })
                .toList();
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        int there = before.sheet(sheet).elements().size();
        List<Element> all = after.sheet(sheet).elements();
        return all.subList(Math.min(there, all.size()), all.size()).stream()
                .map(Element::id)
                .toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.copyTo");
    }
}
