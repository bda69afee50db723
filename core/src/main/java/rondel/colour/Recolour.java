package rondel.colour;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts one colour in the place of another, and of all that look nearly like it: in some elements with all they hold, or in
 *  the whole job where none is named. How see-through a colour is stays; locked elements stay as they are.
 *
 * @param tolerance how far a colour may look from {@code from}, in OKLab: 0 for that colour alone, 0.02 for what can hardly
 *     be told apart, 1 for nearly all */
public record Recolour(@LeftOut("[]") List<ElementId> elements, Rgba from, Rgba to, double tolerance)
        implements Operation {

    public Recolour {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        if (!(tolerance >= 0 && tolerance <= 2)) {
            throw Refusal.of("recolour.tolerance");
        }
        UnaryOperator<Rgba> change = change();
        if (!elements.isEmpty()) {
            Set<ElementId> ids = Targets.unlocked(job, elements);
            return Tree.replace(job, ids, (e, toSheet) -> Repainting.each(e, change));
        }
        return job.withSheets(
                job.sheets().stream().map(s -> everywhere(s, change)).toList());
    }

    private static Sheet everywhere(Sheet sheet, UnaryOperator<Rgba> change) {
        List<Element> changed = sheet.elements().stream()
                .map(e -> e.locked() ? e : Repainting.each(e, change))
                .toList();
        return sheet.withElements(changed);
    }

    private UnaryOperator<Rgba> change() {
        OkLab wanted = OkLab.of(from);
        Map<Integer, Boolean> known = new HashMap<>();
        return c -> {
            int key = c.red() << 16 | c.green() << 8 | c.blue();
            boolean alike = known.computeIfAbsent(
                    key, k -> sameInk(c, from) || tolerance > 0 && OkLab.of(c).distance(wanted) <= tolerance);
            return alike ? new Rgba(to.red(), to.green(), to.blue(), c.alpha() * to.alpha() / 255) : c;
        };
    }

    private static boolean sameInk(Rgba a, Rgba b) {
        return a.red() == b.red() && a.green() == b.green() && a.blue() == b.blue();
    }

    @Override
    public List<ElementId> selects(Job before, Job after) {
        return elements.stream().filter(id -> after.find(id).isPresent()).collect(Collectors.toList());
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.recolour");
    }
}
