package rondel.lines.halo;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import rondel.fields.Mm;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Draws halos anew with other figures. Of several around the same artwork the innermost gets the distance, and the others stay
 *  as far outside it as they were; the outermost gets the gap.
 *
 * @param elements lines that follow their artwork
 * @param gap as in {@link MakeHalo} */
public record AdjustHalo(
        List<ElementId> elements, HaloSettings settings, @Mm OptionalDouble gap) implements Operation {

    public AdjustHalo {
        elements = List.copyOf(elements);
    }

    /** What the first of some halos says; nothing where there are none, or other elements too. */
    public static Optional<Link.Around> figures(List<Element> elements) {
        return elements.stream().allMatch(e -> Neighbours.link(e).findAny().isPresent())
                ? elements.stream().flatMap(Neighbours::link).findFirst()
                : Optional.empty();
    }

    @Override
    public Job apply(Job job) {
        HaloFigures.check(settings, gap);
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Map<ElementId, Link.Around> links = new HashMap<>();
        for (ElementId id : ids) {
            Element e = job.located(id).element();
            Link.Around link =
                    Neighbours.link(e).findFirst().orElseThrow(() -> Refusal.of("halo.noHalo", Targets.display(e)));
            links.put(id, link);
        }
        Job changed = Tree.replace(
                job, ids, (e, toSheet) -> e.with(t -> t.withLink(Optional.of(adjusted(links.get(e.id()), links)))));
        return HaloDrawing.of(changed, List.copyOf(ids));
    }

    private Link.Around adjusted(Link.Around old, Map<ElementId, Link.Around> all) {
        double distance = old.settings().distance();
        double further = distance - amongThoseAround(old, all, Math::min);
        double within = amongThoseAround(old, all, Math::max) - distance;
        OptionalDouble apart = gap.isEmpty() ? gap : OptionalDouble.of(gap.getAsDouble() + 2 * within);
        return new Link.Around(old.elements(), settings.withDistance(settings.distance() + further), apart);
    }

    /** The least or the greatest distance of those around the same artwork. */
    private static double amongThoseAround(
            Link.Around artwork, Map<ElementId, Link.Around> all, DoubleBinaryOperator better) {
        return all.values().stream()
                .filter(l -> l.elements().equals(artwork.elements()))
                .mapToDouble(l -> l.settings().distance())
                .reduce(artwork.settings().distance(), better);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.adjustHalo");
    }
}
