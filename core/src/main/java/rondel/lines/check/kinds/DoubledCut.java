package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.index.strtree.STRtree;
import rondel.compose.arrange.Delete;
import rondel.job.ElementId;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;
import rondel.progress.Cancellation;

/** An element all of whose cut lines lie on those of another: the blade would go twice, and tear. */
public record DoubledCut() implements Check {

    @Override
    @SuppressWarnings("unchecked")
    public List<Finding> of(Checked job) {
        List<CutLine> lines = job.cutLines();
        STRtree tree = new STRtree();
        for (int i = 0; i < lines.size(); i++) {
            tree.insert(lines.get(i).line().getEnvelopeInternal(), i);
        }
        Set<ElementId> single = new HashSet<>();
        Set<Checked.Placed> doubled = new java.util.LinkedHashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            Cancellation.check();
            CutLine own = lines.get(i);
            int at = i;
            List<Integer> near = tree.query(own.line().getEnvelopeInternal());
            boolean twice = near.stream()
                    .anyMatch(o -> o < at
                            && lines.get(o).of().sheet() == own.of().sheet()
                            && lines.get(o).of().element() != own.of().element()
                            && lines.get(o).doubles(own));
            if (twice) {
                doubled.add(own.of());
            } else {
                single.add(own.of().element().id());
            }
        }
        List<Finding> found = new ArrayList<>();
        for (Checked.Placed p : doubled) {
            ElementId id = p.element().id();
            if (!single.contains(id)) {
                found.add(Finding.of(Severity.WARNING, "doubledCut", Targets.display(p.element()))
                        .about(id)
                        .mendedBy(Fix.of(new Delete(List.of(id)))));
            }
        }
        return found;
    }
}
