package rondel.lines.combine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Operand;
import rondel.geometry.overlay.Overlay;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.ShapeElement;
import rondel.job.Tree;

/** Unions that follow what they are made of: changed when one of those is. */
public final class Unions {

    private Unions() {}

    public static Job follow(Job before, Job after) {
        List<Element> unions = after.linked().filter(Unions::isUnion).toList();
        Job done = after;
        for (Element e : unions) {
            Link.Union link = (Link.Union) e.traits().link().orElseThrow();
            Optional<Located> was = before.find(e.id());
            if (was.isPresent()) {
                List<Element> then = sources(was.get(), link);
                List<Element> now = sources(after.located(e.id()), link);
                if (!then.equals(now)) {
                    done = changed(done, e.id(), now);
                }
            }
        }
        return done;
    }

    static boolean isUnion(Element e) {
        return e instanceof ShapeElement
                && e.traits().link().filter(Link.Union.class::isInstance).isPresent();
    }

    private static List<Element> sources(Located union, Link.Union link) {
        return union.siblings().stream()
                .filter(e -> link.elements().contains(e.id()))
                .map(e -> e.with(t -> t.withHidden(false)))
                .toList();
    }

    /** One whose sources are all gone is a shape of its own from then on. */
    private static Job changed(Job job, ElementId union, List<Element> sources) {
        return Tree.replace(job, Set.of(union), (e, toSheet) -> {
            if (sources.isEmpty()) {
                return e.with(t -> t.withLink(Optional.empty()));
            }
            Outline united = of(sources);
            ShapeElement s = (ShapeElement) e;
            return united.isEmpty() ? s : new ShapeElement(s.traits(), united, FillRule.NON_ZERO, s.fill(), s.stroke());
        });
    }

    /** What siblings cover together, in the space that they stand in. */
    static Outline of(List<Element> sources) {
        Silhouette silhouette = Silhouette.framed(false);
        List<Operand> parts = new ArrayList<>();
        for (Element e : sources) {
            Element shown = e.with(t -> t.withHidden(false));
            FillRule rule = e instanceof ShapeElement s ? s.rule() : FillRule.NON_ZERO;
            Outline covered = silhouette.of(shown, Affine.IDENTITY);
            if (!covered.isEmpty()) {
                parts.add(new Operand(covered, rule));
            }
        }
        return parts.isEmpty() ? Outline.EMPTY : Overlay.of(parts).unite();
    }
}
