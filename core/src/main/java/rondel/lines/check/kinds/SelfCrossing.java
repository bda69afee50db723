package rondel.lines.check.kinds;

import java.util.List;
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

/** A closed cut line that crosses itself: the blade would cut a piece off it. */
public record SelfCrossing() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.cutLines().stream()
                .peek(l -> Cancellation.check())
                .filter(l -> l.isClosed() && !l.line().isSimple())
                .map(CutLine::of)
                .distinct()
                .map(p -> {
                    ElementId id = p.element().id();
                    return Finding.of(Severity.WARNING, "selfCrossing", Targets.display(p.element()))
                            .about(id)
                            .mendedBy(Fix.of(new Combine(List.of(id), BooleanOperation.UNITE, false)));
                })
                .toList();
    }
}
