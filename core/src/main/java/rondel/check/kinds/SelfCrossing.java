package rondel.check.kinds;

import java.util.List;
import rondel.check.Check;
import rondel.check.Checked;
import rondel.check.CutLine;
import rondel.check.Finding;
import rondel.check.Fix;
import rondel.check.Severity;
import rondel.job.ElementId;
import rondel.operation.Targets;
import rondel.shapes.Combine;
import rondel.shapes.Way;

/** A closed cut line that crosses itself: the blade would cut a piece off it. */
public record SelfCrossing() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.cutLines().stream()
                .filter(l -> l.isClosed() && !l.line().isSimple())
                .map(CutLine::of)
                .distinct()
                .map(p -> {
                    ElementId id = p.element().id();
                    return Finding.of(Severity.WARNING, "selfCrossing", Targets.display(p.element()))
                            .about(id)
                            .mendedBy(Fix.of(new Combine(List.of(id), Way.UNITE, false)));
                })
                .toList();
    }
}
