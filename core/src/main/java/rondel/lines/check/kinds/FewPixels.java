package rondel.lines.check.kinds;

import java.util.List;
import rondel.job.PictureElement;
import rondel.job.Role;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.EffectivePpi;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;
import rondel.operation.Targets;

/** Pictures with fewer pixels to the inch than print needs. */
public record FewPixels() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.shown().stream()
                .filter(p ->
                        p.element() instanceof PictureElement && p.element().role() == Role.PRINT)
                .flatMap(p -> EffectivePpi.of(
                                p.element(), p.toParent(), job.job().media())
                        .stream()
                        .filter(ppi -> ppi < job.limits().leastPpi())
                        .mapToObj(ppi -> Finding.of(
                                        Severity.WARNING,
                                        "artwork.fewPpi",
                                        Targets.display(p.element()),
                                        Math.round(ppi))
                                .about(p.element().id())))
                .toList();
    }
}
