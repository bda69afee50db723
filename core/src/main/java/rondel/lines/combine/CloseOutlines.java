package rondel.lines.combine;

import java.util.List;
import rondel.geometry.curve.Contour;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.ShapeElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Closes every open contour of shapes by a straight line from its end to its start. */
public record CloseOutlines(List<ElementId> elements) implements Operation {

    public CloseOutlines {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Job done = Tree.replace(
                job, Targets.unlocked(job, elements), (e, toSheet) -> Tree.shapes(e, CloseOutlines::closed));
        if (done.equals(job)) {
            throw Refusal.of("close.none");
        }
        return done;
    }

    private static ShapeElement closed(ShapeElement s) {
        return s.withOutline(Contour.outline(
                Contour.of(s.outline()).stream().map(Contour::filled).toList()));
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.closeOutlines");
    }
}
