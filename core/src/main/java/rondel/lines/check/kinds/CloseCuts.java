package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import rondel.job.ElementId;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.lines.combine.BooleanOperation;
import rondel.lines.combine.Combine;
import rondel.operation.Targets;
import rondel.progress.Cancellation;
import rondel.units.LengthFormat;
import rondel.words.Words;

/** Cut lines that cross or touch, or that run closer to each other than the material bears. */
public record CloseCuts() implements Check {

    @Override
    @SuppressWarnings("unchecked")
    public List<Finding> of(Checked job) {
        List<CutLine> lines = job.cutLines();
        double limit = job.limits().narrowestGap();
        STRtree tree = new STRtree();
        for (int i = 0; i < lines.size(); i++) {
            tree.insert(lines.get(i).line().getEnvelopeInternal(), i);
        }
        List<Finding> found = new ArrayList<>();
        Set<Set<ElementId>> told = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            Cancellation.check();
            CutLine a = lines.get(i);
            Envelope near = new Envelope(a.line().getEnvelopeInternal());
            near.expandBy(limit);
            IndexedFacetDistance distance = null;
            for (int other : (List<Integer>) tree.query(near)) {
                CutLine b = lines.get(other);
                if (other >= i || a.of().sheet() != b.of().sheet() || a.doubles(b)) {
                    continue;
                }
                distance = distance == null ? new IndexedFacetDistance(a.line()) : distance;
                double gap = distance.distance(b.line());
                if (gap < limit
                        && told.add(Set.of(
                                a.of().element().id(),
                                b.of().element().id().equals(a.of().element().id())
                                        ? new ElementId("")
                                        : b.of().element().id()))) {
                    found.add(gap > 0 ? narrow(a, b, gap, job) : a.crosses(b) ? crossing(a, b) : touching(a, b));
                }
            }
        }
        return found;
    }

    private static Finding narrow(CutLine a, CutLine b, double gap, Checked job) {
        return Finding.of(
                        Severity.WARNING,
                        "narrowGap",
                        names(a, b),
                        LengthFormat.withUnit(gap, job.job().unit()))
                .about(a.of().element().id());
    }

    private static Finding touching(CutLine a, CutLine b) {
        return Finding.of(Severity.WARNING, "touchingCuts", names(a, b))
                .about(a.of().element().id());
    }

    private static String names(CutLine a, CutLine b) {
        String one = Targets.display(a.of().element());
        return a.of().element() == b.of().element()
                ? Words.of("finding.one", one)
                : Words.of("finding.both", one, Targets.display(b.of().element()));
    }

    private static Finding crossing(CutLine a, CutLine b) {
        ElementId first = a.of().element().id();
        ElementId second = b.of().element().id();
        Finding finding =
                Finding.of(Severity.ERROR, "crossingCuts", names(a, b)).about(first);
        boolean closed = a.isClosed() && b.isClosed();
        return closed
                ? finding.mendedBy(Fix.of(new Combine(
                        first.equals(second) ? List.of(first) : List.of(first, second), BooleanOperation.UNITE, false)))
                : finding;
    }
}
