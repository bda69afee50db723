package rondel.check.kinds;

import java.util.List;
import java.util.Objects;
import rondel.check.Check;
import rondel.check.Checked;
import rondel.check.CutLine;
import rondel.check.Finding;
import rondel.check.Fix;
import rondel.check.Severity;
import rondel.job.ElementId;
import rondel.operation.Targets;
import rondel.shapes.CloseOutlines;

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
