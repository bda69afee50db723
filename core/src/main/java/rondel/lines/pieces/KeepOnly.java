package rondel.lines.pieces;

import java.util.List;
import java.util.Set;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.MoveTo;
import rondel.fields.LeftOut;
import rondel.geometry.Anchor;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Keeps elements, and drops or parks everything else that stands in the same group or on the same sheet; what is locked
 *  stays.
 *
 * @param park whether the others are laid beside the sheet, where they are kept and never made */
public record KeepOnly(
        List<ElementId> elements, @LeftOut("true") boolean park) implements Operation {

    private static final double BESIDE = 10;

    public KeepOnly {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> kept = Targets.existing(job, elements);
        Located first = job.located(elements.getFirst());
        List<ElementId> others = first.siblings().stream()
                .filter(e -> !kept.contains(e.id()) && !e.locked())
                .map(Element::id)
                .toList();
        if (others.isEmpty()) {
            throw Refusal.of("keepOnly.none");
        }
        return park
                ? new MoveTo(others, first.sheet().width() + BESIDE, 0, Anchor.TOP_LEFT).apply(job)
                : new Delete(others).apply(job);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of(park ? "operation.parkOthers" : "operation.keepOnly");
    }
}
