package rondel.compose.arrange;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Stroke;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Gives the shapes and texts of elements a line of exact width on the sheet, or takes the line away. */
public record SetStroke(List<ElementId> elements, Optional<Stroke> stroke) implements Operation {

    public SetStroke {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Targets.drawable(stroke);
        return Tree.replace(job, Targets.unlocked(job, elements), (e, toSheet) -> Painting.stroke(e, toSheet, stroke));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.stroke");
    }
}
