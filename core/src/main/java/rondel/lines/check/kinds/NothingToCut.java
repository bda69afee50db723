package rondel.lines.check.kinds;

import java.util.List;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Role;
import rondel.lines.check.Check;
import rondel.lines.check.Checked;
import rondel.lines.check.Finding;
import rondel.lines.check.Severity;

/** A job of which some is scored or drawn, but nothing is cut. */
public record NothingToCut() implements Check {

    @Override
    public List<Finding> of(Checked job) {
        boolean made = job.shown().stream()
                .anyMatch(p -> p.element().role() == Role.SCORE || p.element().role() == Role.DRAW);
        return made && job.cutLines().isEmpty() && job.all().stream().noneMatch(p -> cut(p.element()))
                ? List.of(Finding.of(Severity.WARNING, "nothingToCut"))
                : List.of();
    }

    private static boolean cut(Element e) {
        return e instanceof GroupElement added
                        && added.use() instanceof GroupUse.Added
                        && added.children().stream().anyMatch(x -> x.role().isCut())
                || e instanceof CopyElement c
                        && c.content().once(NothingToCut.class, g -> GroupElement.everything(g)
                                .anyMatch(x -> x.role().isCut()));
    }
}
