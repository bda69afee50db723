package rondel.lines.roles;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Role;
import rondel.job.Sheet;

/** Gives what an edit has newly put on a sheet the roles that the job's rules say. */
public final class RulesForNew {

    private RulesForNew() {}

    public static Job follow(Job before, Job after) {
        if (after.roleRules().isEmpty()) {
            return after;
        }
        Set<ElementId> old = new HashSet<>();
        before.everything().forEach(e -> old.add(e.id()));
        boolean any =
                after.sheets().stream().flatMap(s -> s.elements().stream()).anyMatch(e -> !old.contains(e.id()));
        return any
                ? after.withSheets(
                        after.sheets().stream().map(s -> ruled(s, old, after)).toList())
                : after;
    }

    private static Sheet ruled(Sheet sheet, Set<ElementId> old, Job job) {
        List<Element> elements = sheet.elements().stream()
                .map(e -> old.contains(e.id()) || e.role() != Role.PRINT
                        ? e
                        : RolesByLook.ruled(e, Affine.IDENTITY, job.roleRules()))
                .toList();
        return sheet.withElements(elements);
    }
}
