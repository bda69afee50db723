package rondel.compose.spacing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.Job;
import rondel.job.Located;
import rondel.job.Sheet;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Lines elements up by one of their edges or middles.
 *
 * @param key with {@link AlignTo#KEY}, which of the elements the others line up with; it stays, and may be locked
 * @param asOne moves all of them by the same distance, so that the box around them lines up */
public record Align(List<ElementId> elements, Edge edge, AlignTo to, Optional<ElementId> key, boolean asOne)
        implements Operation {

    public Align {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        List<ElementId> moving = new ArrayList<>(elements);
        if (to == AlignTo.KEY) {
            moving.remove(key.orElseThrow(() -> Refusal.of("align.noKey")));
        }
        Set<ElementId> ids = Targets.unlocked(job, moving);
        List<Placed> placed = Placed.of(job, ids);
        if (to == AlignTo.EACH_OTHER && placed.size() < 2) {
            throw Refusal.of("align.tooFew", 2);
        }
        double target = edge.of(reference(job, placed));
        double together = edge.of(Placed.around(placed));
        Map<ElementId, Double> distances = new HashMap<>();
        placed.forEach(p -> distances.put(p.id(), target - (asOne ? together : edge.of(p.box()))));
        return Placed.moved(job, edge.axis(), distances);
    }

    private Box reference(Job job, List<Placed> placed) {
        Located first = job.located(placed.getFirst().id());
        Sheet sheet = first.sheet();
        return switch (to) {
            case EACH_OTHER -> Placed.around(placed);
            case KEY -> Placed.of(job, List.of(key.orElseThrow())).getFirst().box();
            case SHEET -> sheet.trim();
            case SAFE_MARGIN -> sheet.trim().grown(-sheet.safeMargin());
            case GROUP ->
                first.parent().isEmpty()
                        ? sheet.trim()
                        : Box.around(first.siblings().stream()
                                        .filter(e -> !e.hidden())
                                        .flatMap(e -> Extent.of(e, first.toSheet()).stream())
                                        .toList())
                                .orElseThrow(() -> Refusal.of("operation.noExtent"));
        };
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.align");
    }
}
