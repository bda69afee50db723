package rondel.lines.check.kinds;

import java.util.List;
import rondel.compose.arrange.Hide;
import rondel.compose.arrange.Lock;
import rondel.job.Element;
import rondel.job.Role;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Fix;
import rondel.lines.check.Severity;
import rondel.operation.Targets;

/** What has a role in the making but is hidden, so that it is not made, or locked, so that it is easily forgotten. */
public record HiddenWithARole() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        return job.all().stream()
                .filter(p -> hasRole(p.element())
                        && (p.element().hidden() || p.element().locked()))
                .map(p -> p.element().hidden() ? hidden(p.element()) : locked(p.element()))
                .toList();
    }

    private static boolean hasRole(Element e) {
        return e.role() != Role.PRINT && e.role() != Role.GUIDE;
    }

    private static Finding hidden(Element e) {
        return Finding.of(Severity.WARNING, "hiddenRole", Targets.display(e))
                .about(e.id())
                .mendedBy(Fix.of(new Hide(List.of(e.id()), false)));
    }

    private static Finding locked(Element e) {
        return Finding.of(Severity.NOTE, "lockedRole", Targets.display(e))
                .about(e.id())
                .mendedBy(Fix.of(new Lock(List.of(e.id()), false)));
    }
}
