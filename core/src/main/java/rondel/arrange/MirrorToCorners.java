package rondel.arrange;

import java.util.List;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Located;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Copies an arrangement for one corner to the other three of its sheet, mirrored across, down, and both. The copies stand
 *  in front of the arrangement, in its group. */
public record MirrorToCorners(List<ElementId> elements) implements Operation {

    public MirrorToCorners {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.existing(job, elements);
        Located first = job.located(elements.getFirst());
        Box trim = first.sheet().trim();
        Point middle = trim.centre();
        List<Affine> mirrors =
                List.of(Affine.scale(-1, 1, middle), Affine.scale(1, -1, middle), Affine.scale(-1, -1, middle));
        return Copying.of(job, ids, first.toSheet(), mirrors);
    }

    /** The arrangement with its copies. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Copying.withCopies(elements, before, after);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.mirrorToCorners");
    }
}
