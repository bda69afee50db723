package rondel.lines.check.kinds;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import rondel.geometry.curve.Bezier;
import rondel.job.ElementId;
import rondel.job.ShapeElement;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Limits;
import rondel.lines.check.Severity;
import rondel.lines.combine.SmoothForBlade;
import rondel.operation.Targets;
import rondel.progress.Cancellation;

/** Corners as sharp as a needle, which tear, and segments too short for a blade to follow, on which it stutters. */
public record HardForABlade() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        Map<Checked.Placed, List<CutLine>> lines = new LinkedHashMap<>();
        job.cutLines().forEach(l -> lines.computeIfAbsent(l.of(), k -> new ArrayList<>())
                .add(l));
        List<Finding> found = new ArrayList<>();
        lines.forEach((of, own) -> {
            int spikes = own.stream().mapToInt(l -> spikes(l, job.limits())).sum();
            if (spikes > 0) {
                found.add(about(
                        of,
                        Finding.of(Severity.WARNING, "spikes", Targets.display(of.element()), spikes),
                        SmoothForBlade::usual));
            }
            long shorts = own.stream()
                    .flatMap(l -> l.contour().segments().stream())
                    .filter(s -> s.controlLength() < job.limits().shortestSegment())
                    .count();
            if (shorts > 0) {
                found.add(about(
                        of,
                        Finding.of(Severity.NOTE, "shortSegments", Targets.display(of.element()), shorts),
                        SmoothForBlade::withoutShort));
            }
        });
        return found;
    }

    private static Finding about(
            Checked.Placed of, Finding finding, Function<List<ElementId>, SmoothForBlade> smoothing) {
        Finding about = finding.about(of.element().id());
        return of.element() instanceof ShapeElement && !of.locked()
                ? about.mendedBy(Fix.of(smoothing.apply(List.of(of.element().id()))))
                : about;
    }

    private static int spikes(CutLine l, Limits limits) {
        List<Bezier> all = l.contour().segments();
        int spikes = 0;
        for (int i = 0; i < all.size(); i++) {
            Cancellation.check();
            if (i + 1 == all.size() && !l.isClosed()) {
                break;
            }
            double corner = all.get(i).cornerWith(all.get((i + 1) % all.size()));
            spikes += corner < limits.sharpestAngle() ? 1 : 0;
        }
        return spikes;
    }
}
