package rondel.lines.backdrop;

import java.util.List;
import java.util.Set;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.PictureElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Shows pictures whole again whose backdrop was cleared. */
public record RestoreBackdrop(List<ElementId> elements) implements Operation {

    public RestoreBackdrop {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        boolean any = ids.stream()
                .anyMatch(id -> job.located(id).element() instanceof PictureElement p
                        && p.cleared().isPresent());
        if (!any) {
            throw Refusal.of("backdrop.isWhole");
        }
        return Tree.replace(
                job,
                ids,
                (e, toSheet) ->
                        e instanceof PictureElement p ? new PictureElement(p.traits(), p.whole(), p.frame()) : e);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.restoreBackdrop");
    }
}
