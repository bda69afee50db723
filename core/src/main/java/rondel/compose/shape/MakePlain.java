package rondel.compose.shape;

import java.util.List;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes outlines of plain shapes, whose points can then be edited; they look as before, and have no figures any more. */
public record MakePlain(List<ElementId> elements) implements Operation {

    public MakePlain {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        boolean any = ids.stream().anyMatch(id -> Tree.any(job.located(id).element(), MakePlain::isPlain));
        if (!any) {
            throw Refusal.of("shape.noneIsPlain");
        }
        return Tree.replace(job, ids, (e, toSheet) -> Tree.shapes(e, MakePlain::outlined));
    }

    private static boolean isPlain(Element e) {
        return e instanceof ShapeElement s && s.plain().isPresent();
    }

    private static ShapeElement outlined(ShapeElement s) {
        return isPlain(s) ? s.withOutline(s.outline()) : s;
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.makePlain");
    }
}
