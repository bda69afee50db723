package rondel.compose.arrange;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Placing;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Copies elements, each group with all it holds, in front of their originals and moved by a distance.
 *
 * @param count how many copies are made, each moved as far from the one before */
public record Duplicate(
        List<ElementId> elements,
        @Mm @LeftOut("0") double dx,
        @Mm @LeftOut("0") double dy,
        @LeftOut("1") int count) implements Operation {

    private static final int MOST = 10_000;

    public Duplicate(List<ElementId> elements, double dx, double dy) {
        this(elements, dx, dy, 1);
    }

    public Duplicate {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        if (count < 1 || count > MOST) {
            throw Refusal.of("duplicate.count", MOST);
        }
        Job done = job;
        for (int i = 1; i <= count; i++) {
            done = once(done, i * dx, i * dy);
        }
        return done;
    }

    private Job once(Job job, double right, double down) {
        Set<ElementId> ids = Targets.existing(job, elements);
        Placing placing = new Placing(job);
        List<ElementId> copies = new ArrayList<>();
        Job copied = Tree.siblings(job, ids, siblings -> {
            List<Element> all = new ArrayList<>(siblings);
            int at = all.size() - 1;
            while (!ids.contains(all.get(at).id())) {
                at--;
            }
            List<Element> made = placing.withFreshIds(
                    siblings.stream().filter(e -> ids.contains(e.id())).toList());
            made = made.stream().map(e -> e.with(t -> t.withLocked(false))).toList();
            made.forEach(e -> copies.add(e.id()));
            all.addAll(at + 1, made);
            return all;
        });
        Job numbered = copied.withNextNumber(placing.next());
        boolean stays = Targets.finite(right, "dx") == 0 && Targets.finite(down, "dy") == 0;
        return stays ? numbered : new Move(copies, right, down).apply(numbered);
    }

    /** The copies: what is there after that was not there before, and stands in nothing new. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        List<ElementId> fresh = Targets.added(before, after).map(Element::id).toList();
        Set<ElementId> outermost = Tree.outermost(after, fresh);
        return fresh.stream().filter(outermost::contains).toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.duplicate");
    }
}
