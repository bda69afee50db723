package rondel.lines.check.kinds;

import java.util.List;
import java.util.Objects;
import rondel.job.ElementId;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.CutLine;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.lines.combine.CloseOutlines;
import rondel.operation.Targets;

/** A cut line whose ends do not meet: the piece would hang on. */
public record OpenCut() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.cutLines().stream()
                .filter(l -> !l.isClosed())
                .map(CutLine::of)
                .filter(Objects::nonNull)
                .distinct()
                .map(p -> {
                    ElementId id = p.element().id();
                    return Finding.of(Severity.WARNING, "openCut", Targets.display(p.element()))
                            .about(id)
                            .mendedBy(Fix.of(new CloseOutlines(List.of(id))));
                })
                .toList();
    }
}
