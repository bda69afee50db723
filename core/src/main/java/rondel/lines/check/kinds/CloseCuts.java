package rondel.lines.check.kinds;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
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

/** Cut lines that cross or touch, or that run closer to each other than the material bears. Open ones whose ends meet are one line: that
 *  they are open is said by itself. */
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
        Map<Set<ElementId>, Near> worst = new LinkedHashMap<>();
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
                if (gap < limit) {
                    Set<ElementId> both = new HashSet<>(
                            List.of(a.of().element().id(), b.of().element().id()));
                    Near known = worst.get(both);
                    if (known == null || !known.crossing && gap <= known.gap) {
                        boolean crossing = gap == 0 && a.crosses(b);
                        if (!crossing && a.goesOnIn(b, distance)) {
                            continue;
                        }
                        if (known == null || crossing || gap < known.gap) {
                            worst.put(both, new Near(a, b, gap, crossing));
                        }
                    }
                }
            }
        }
        return worst.values().stream()
                .map(n -> n.gap > 0
                        ? narrow(n.a, n.b, n.gap, job)
                        : n.crossing ? crossing(n.a, n.b, lines, tree) : touching(n.a, n.b))
                .toList();
    }

    /** What is worst of the lines of two elements, or of one. */
    private record Near(CutLine a, CutLine b, double gap, boolean crossing) {}

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

    private static Finding crossing(CutLine a, CutLine b, List<CutLine> lines, STRtree tree) {
        Finding finding = Finding.of(Severity.ERROR, "crossingCuts", names(a, b))
                .about(a.of().element().id());
        boolean closed = a.isClosed() && b.isClosed();
        return closed
                ? finding.mendedBy(new Fix(
                        () -> new Combine(List.copyOf(together(a, b, lines, tree)), BooleanOperation.UNITE, false)))
                : finding;
    }

    /** The elements of two lines, and those that lie on any of theirs: left alone, these would cross what is made. */
    @SuppressWarnings("unchecked")
    private static Set<ElementId> together(CutLine a, CutLine b, List<CutLine> lines, STRtree tree) {
        Set<ElementId> all = new LinkedHashSet<>();
        all.add(b.of().element().id());
        all.add(a.of().element().id());
        for (CutLine own : lines) {
            if (own.of().element() == a.of().element() || own.of().element() == b.of().element()) {
                for (int i : (List<Integer>) tree.query(own.line().getEnvelopeInternal())) {
                    CutLine other = lines.get(i);
                    if (other.of().sheet() == own.of().sheet() && other.doubles(own)) {
                        all.add(other.of().element().id());
                    }
                }
            }
        }
        return all;
    }
}
