package rondel.lines.roles;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.ShapeElement;
import rondel.job.Sheet;
import rondel.job.Stroke;

/** The looks that the shapes of a job have: colours, whole or dashed lines, and widths where lines that are alike otherwise
 *  differ by those. */
public final class Looks {

    private final Map<RoleRule, Set<Double>> widths = new LinkedHashMap<>();

    private Looks() {}

    /** Each look once, in the order in which they come, with the role that the job's rules give it; print where none does. */
    public static List<RoleRule> of(Job job) {
        Looks looks = new Looks();
        for (Sheet sheet : job.sheets()) {
            sheet.elements().forEach(e -> looks.take(e, Affine.IDENTITY));
        }
        List<RoleRule> all = new ArrayList<>();
        looks.widths.forEach((look, own) -> {
            if (own.size() < 2) {
                all.add(look);
            } else {
                own.stream()
                        .sorted()
                        .map(w -> new RoleRule(look.colour(), look.dashed(), OptionalDouble.of(w), look.role()))
                        .forEach(all::add);
            }
        });
        return all.stream().map(look -> ruled(look, job.roleRules())).toList();
    }

    private void take(Element e, Affine toSheet) {
        Affine own = toSheet.times(e.placement());
        if (e instanceof ShapeElement s) {
            take(s, own);
        }
        e.children().forEach(c -> take(c, own));
    }

    private void take(ShapeElement s, Affine ownToSheet) {
        Optional<Stroke> stroke = s.stroke().filter(Stroke::visible);
        if (stroke.map(Stroke::paint).orElse(s.fill()) instanceof Paint.Solid p) {
            Set<Double> own = widths.computeIfAbsent(
                    new RoleRule(
                            Optional.of(p.colour().withAlpha(255)),
                            stroke.map(k -> !k.dashes().isEmpty()),
                            OptionalDouble.empty(),
                            Role.PRINT),
                    k -> new LinkedHashSet<>());
            stroke.map(k -> rounded(k.width() * ownToSheet.meanScale())).ifPresent(own::add);
        }
    }

    private static double rounded(double width) {
        return Math.round(width / RoleRule.SAME_WIDTH) * RoleRule.SAME_WIDTH;
    }

    /** The first rule that all things of a look fit says their role. */
    private static RoleRule ruled(RoleRule look, List<RoleRule> rules) {
        Role role = rules.stream()
                .filter(r -> covers(r, look))
                .map(RoleRule::role)
                .findFirst()
                .orElse(look.role());
        return new RoleRule(look.colour(), look.dashed(), look.width(), role);
    }

    private static boolean covers(RoleRule rule, RoleRule look) {
        boolean hue = rule.colour().isEmpty() || rule.colour().equals(look.colour());
        boolean dashes = rule.dashed().isEmpty() || rule.dashed().equals(look.dashed());
        boolean width = rule.width().isEmpty()
                || look.width().isPresent()
                        && Math.abs(rule.width().getAsDouble() - look.width().getAsDouble()) <= RoleRule.SAME_WIDTH;
        return hue && dashes && width;
    }
}
