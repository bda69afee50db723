package rondel.lines.join;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.Tree;
import rondel.operation.EmptyGroups;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Joins lines of one role where their ends meet, over elements and groups, and closes those whose two ends are near.
 *
 * @param elements everything unlocked on every sheet where none is named
 * @param tolerance how near ends are that meet, in mm; each moves by half of the gap
 * @param close how far apart the two ends of a line may be that is closed by a straight line, in mm; 0 for none
 * @param forks whether lines are joined where more than two ends meet, each to the one it goes on to straightest */
public record JoinEnds(
        @LeftOut("[]") List<ElementId> elements,
        @Mm @LeftOut("0.1") double tolerance,
        @Mm @LeftOut("1") double close,
        boolean forks)
        implements Operation {

    /** The largest tolerance, in mm. */
    private static final double MOST = 50;

    public JoinEnds {
        elements = List.copyOf(elements);
    }

    public static JoinEnds usual(List<ElementId> elements) {
        return new JoinEnds(elements, JoinTuning.TOLERANCE, JoinTuning.NEAR, false);
    }

    @Override
    public Job apply(Job job) {
        if (!(tolerance > 0 && tolerance <= MOST && close >= 0 && close <= MOST)) {
            throw Refusal.of("join.bad", (int) MOST);
        }
        Set<ElementId> named = elements.isEmpty() ? Set.of() : Targets.unlocked(job, elements);
        EndJoining joining = new EndJoining(tolerance, close, forks, false);
        Map<ElementId, Optional<Element>> changes = new HashMap<>();
        for (Sheet sheet : job.sheets()) {
            List<EndJoining.Laid> laid = new ArrayList<>();
            sheet.elements().forEach(e -> lay(laid, e, Affine.IDENTITY, named, named.isEmpty()));
            joining.joined(laid, Element::role)
                    .forEach((i, e) -> changes.put(laid.get(i).element().id(), e));
        }
        if (changes.isEmpty()) {
            throw Refusal.of("join.none");
        }
        Job done = Tree.expand(job, new HashSet<>(changes.keySet()), (e, toSheet) -> changes.get(e.id())
                .map(List::of)
                .orElse(List.of()));
        return EmptyGroups.dissolvedSince(job, done);
    }

    private static void lay(
            List<EndJoining.Laid> laid, Element e, Affine toSheet, Set<ElementId> named, boolean wanted) {
        if (e.locked() || e.hidden()) {
            return;
        }
        boolean all = wanted || named.contains(e.id());
        Affine own = toSheet.times(e.placement());
        if (all && e.children().isEmpty()) {
            laid.add(new EndJoining.Laid(e, own));
        }
        e.children().forEach(c -> lay(laid, c, own, named, all));
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return elements.stream().filter(id -> after.find(id).isPresent()).toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.joinEnds");
    }
}
