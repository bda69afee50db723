package rondel.lines.roles;

import java.util.List;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.RoleRule;
import rondel.job.Sheet;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gives roles by the look of things: every shape and text whose line, or fill where it has none, fits a rule gets the role
 *  of the first rule that it fits. The rules are kept in the job, and things that are placed later follow them too. */
public record RolesByLook(List<RoleRule> rules) implements Operation {

    public RolesByLook {
        rules = List.copyOf(rules);
    }

    @Override
    public Job apply(Job job) {
        if (rules.stream()
                .anyMatch(r -> r.colour().isEmpty()
                        && r.dashed().isEmpty()
                        && r.width().isEmpty())) {
            throw Refusal.of("roles.emptyRule");
        }
        List<Sheet> sheets = job.sheets().stream()
                .map(s -> s.withElements(s.elements().stream()
                        .map(e -> ruled(e, Affine.IDENTITY, rules))
                        .toList()))
                .toList();
        return job.withSheets(sheets).withRoleRules(rules);
    }

    /** An element and all it holds with the roles that rules give them; locked ones stay as they are.
     *
     * @param toSheet from its parent's space to the sheet's */
    static Element ruled(Element e, Affine toSheet, List<RoleRule> rules) {
        if (e.locked()) {
            return e;
        }
        Affine ownToSheet = toSheet.times(e.placement());
        Element own = rules.stream()
                .filter(r -> r.fits(e, ownToSheet))
                .findFirst()
                .filter(r -> r.role() != e.role())
                .map(r -> e.with(t -> t.withRole(r.role())))
                .orElse(e);
        return own instanceof GroupElement g
                ? g.withChildren(g.children().stream()
                        .map(c -> ruled(c, ownToSheet, rules))
                        .toList())
                : own;
    }

    @Override
    public List<ElementId> about() {
        return List.of();
    }

    @Override
    public String label() {
        return Words.of("operation.rolesByLook");
    }
}
