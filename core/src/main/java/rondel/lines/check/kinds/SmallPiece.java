package rondel.lines.check.kinds;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import rondel.compose.arrange.Delete;
import rondel.job.Element;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;
import rondel.units.LengthFormat;

/** A closed cut line whose longer side is below the limit: the piece gets lost, or sticks to the blade. */
public record SmallPiece() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        double limit = job.limits().smallestPiece();
        Map<Element, Integer> lines = new IdentityHashMap<>();
        job.cutLines().forEach(l -> lines.merge(l.of().element(), 1, Integer::sum));
        return job.cutLines().stream()
                .filter(l -> l.isClosed() && side(l.line()) < limit)
                .map(l -> {
                    Finding finding = Finding.of(
                                    Severity.WARNING,
                                    "smallPiece",
                                    Targets.display(l.of().element()),
                                    LengthFormat.withUnit(
                                            side(l.line()), job.job().unit()))
                            .about(l.of().element().id());
                    boolean alone = lines.get(l.of().element()) == 1;
                    return alone
                            ? finding.mendedBy(
                                    Fix.of(new Delete(List.of(l.of().element().id()))))
                            : finding;
                })
                .toList();
    }

    private static double side(org.locationtech.jts.geom.LineString line) {
        return Math.max(
                line.getEnvelopeInternal().getWidth(),
                line.getEnvelopeInternal().getHeight());
    }
}
