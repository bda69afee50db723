package rondel.compose.arrange;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.geometry.Anchor;
import rondel.geometry.Box;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Refusal;
import rondel.words.Words;

/** Scales elements together by a factor each way, about an anchor of the box around them.
 *
 * @param across 1 leaves the width as it is; above 0
 * @param down 1 leaves the height as it is; above 0 */
public record Scale(
        List<ElementId> elements,
        double across,
        double down,
        @LeftOut("centre") Anchor anchor) implements Operation {

    public Scale {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        if (!(across > 0 && down > 0 && Double.isFinite(across) && Double.isFinite(down))) {
            throw Refusal.of("resize.notPositive");
        }
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Box box = Transforming.box(job, ids);
        boolean even = across == down && box.width() > 0;
        return new Resize(
                        elements,
                        OptionalDouble.of(box.width() * across),
                        even ? OptionalDouble.empty() : OptionalDouble.of(box.height() * down),
                        even,
                        anchor,
                        Resize.Frame.SHEET)
                .apply(job);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.resize");
    }
}
