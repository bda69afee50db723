package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Sheet;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.lines.join.EndJoining;
import rondel.lines.join.JoinEnds;
import rondel.operation.Targets;

/** A cut line whose ends do not meet: the piece would hang on. Where its ends meet those of others, or nearly each other, joining
 *  them mends it; else it is left, as nobody can tell where it was meant to go. */
public record OpenCut() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        Set<Checked.Placed> open = new LinkedHashSet<>();
        job.cutLines().stream().filter(l -> !l.isClosed()).map(CutLine::of).forEach(open::add);
        Map<ElementId, List<ElementId>> mends = mends(open);
        List<Finding> found = new ArrayList<>();
        for (Checked.Placed p : open) {
            ElementId id = p.element().id();
            String name = Targets.display(p.element());
            found.add(
                    mends.containsKey(id)
                            ? Finding.of(Severity.WARNING, "openCut", name)
                                    .about(id)
                                    .mendedBy(Fix.of(JoinEnds.usual(mends.get(id))))
                            : Finding.of(Severity.WARNING, "openCutAlone", name).about(id));
        }
        return found;
    }

    /** For each element that joining closes lines of, the elements that are joined. */
    private static Map<ElementId, List<ElementId>> mends(Set<Checked.Placed> open) {
        Map<Sheet, List<EndJoining.Laid>> sheets = new HashMap<>();
        open.stream().filter(p -> !p.locked()).forEach(p -> sheets.computeIfAbsent(p.sheet(), s -> new ArrayList<>())
                .add(new EndJoining.Laid(p.element(), p.toSheet())));
        Map<ElementId, List<ElementId>> mends = new HashMap<>();
        for (List<EndJoining.Laid> laid : sheets.values()) {
            for (EndJoining.Joined chain : EndJoining.MENDING.chains(laid, Element::role)) {
                List<ElementId> ids = chain.elements().stream()
                        .map(i -> laid.get(i).element().id())
                        .toList();
                ids.forEach(id -> mends.putIfAbsent(id, ids));
            }
        }
        return mends;
    }
}
