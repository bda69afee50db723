package rondel.compose.arrange;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.Anchor;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.geometry.Span;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Transforming;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * Repeats elements, together, to fill a length with whole repeats from end to end. The gap is as near to the one wanted as
 * whole repeats allow and stays within its limits; where it can't, the repeats are sized by no more than {@code stretch}.
 *
 * @param start where the length begins on the sheet
 * @param length above 0, and no shorter than one repeat
 * @param gap the one wanted between repeats
 * @param slack how much the gap may differ from that
 * @param stretch how much the size may change, as a share of it: 0.1 for a tenth
 */
public record RepeatAlong(
        List<ElementId> elements,
        Axis axis,
        @Mm double start,
        @Mm double length,
        @Mm double gap,
        @Mm double slack,
        double stretch)
        implements Operation {

    private static final int MOST = 10_000;

    public RepeatAlong {
        elements = List.copyOf(elements);
    }

    /** How many repeats, each sized by a factor, with which gap. */
    private record Plan(int count, double factor, double gap) {}

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Box box = Transforming.box(job, ids);
        Span own = axis.of(box);
        Plan plan = plan(own.length());
        Job sized = plan.factor == 1 ? job : new Scale(elements, plan.factor, plan.factor, Anchor.CENTRE).apply(job);
        double side = own.length() * plan.factor;
        Box now = Transforming.box(sized, ids);
        Job first = Transforming.onSheet(
                sized, elements, axis.move(start - axis.of(now).low()));
        return copied(first, ids, plan, side);
    }

    private Plan plan(double side) {
        boolean sound =
                length > 0 && Double.isFinite(length + start + gap) && slack >= 0 && stretch >= 0 && stretch < 1;
        if (!sound || side <= 0 || side + gap <= 0) {
            throw Refusal.of("repeat.bad");
        }
        double ideal = (length + gap) / (side + gap);
        Plan best = null;
        for (int count = Math.max(1, (int) Math.floor(ideal)); count <= Math.ceil(ideal) && count <= MOST; count++) {
            Plan plan = whole(count, side);
            if (plan != null && (best == null || cost(plan) < cost(best))) {
                best = plan;
            }
        }
        if (best == null) {
            throw Refusal.of("repeat.noFit");
        }
        return best;
    }

    /** The gap alone makes it whole, or the gap at its limit and the size the rest. */
    private Plan whole(int count, double side) {
        if (count == 1) {
            double factor = length / side;
            return Math.abs(factor - 1) <= stretch + 1e-9 ? new Plan(1, factor, gap) : null;
        }
        double free = (length - count * side) / (count - 1);
        if (Math.abs(free - gap) <= slack + 1e-9) {
            return new Plan(count, 1, free);
        }
        double limit = gap + Math.copySign(slack, free - gap);
        double factor = (length - (count - 1) * limit) / (count * side);
        return Math.abs(factor - 1) <= stretch + 1e-9 ? new Plan(count, factor, limit) : null;
    }

    private double cost(Plan plan) {
        return Math.abs(plan.factor - 1) * 1000 + Math.abs(plan.gap - gap);
    }

    private Job copied(Job job, Set<ElementId> ids, Plan plan, double side) {
        List<Affine> moves = IntStream.range(1, plan.count)
                .mapToObj(i -> axis.move(i * (side + plan.gap)))
                .toList();
        return Copying.of(job, ids, job.located(elements.getFirst()).toSheet(), moves);
    }

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
        return Words.of("operation.repeatAlong");
    }
}
