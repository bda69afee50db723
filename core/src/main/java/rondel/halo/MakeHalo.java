package rondel.halo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloShape;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.Paint;
import rondel.job.Placing;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Mm;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Makes a kiss-cut line around artwork at a distance, and perhaps a second, to be cut through, further out. The lines stand
 *  in front of the artwork and follow it until they are unlinked: moved or scaled, it keeps them at the stated distance.
 *
 * @param second how far the second line is from the first; above 0 */
public record MakeHalo(
        List<ElementId> elements, HaloShape shape, @Mm OptionalDouble second, Spread spread) implements Operation {

    /** Around what each halo goes. */
    public enum Spread {
        /** One around all of them. */
        TOGETHER,
        /** One around each. */
        EACH,
        /** One around each, but those that would touch are joined. */
        EACH_OR_JOINED
    }

    /** The furthest that a line may be from its artwork, in mm. */
    public static final double FURTHEST = 200;

    private static final Rgba LINE = new Rgba(0xb8, 0x44, 0x2f, 255);

    public MakeHalo {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        boolean sound = Math.abs(shape.distance()) <= FURTHEST
                && shape.bridge() >= 0
                && shape.bridge() <= FURTHEST
                && shape.smooth() >= 0
                && shape.smooth() <= FURTHEST
                && shape.smallestHole() >= 0
                && shape.threshold() >= 0
                && shape.threshold() <= 1
                && (second.isEmpty() || second.getAsDouble() > 0 && second.getAsDouble() <= FURTHEST);
        if (!sound) {
            throw Refusal.of("halo.bad", FURTHEST);
        }
        Set<ElementId> ids = Targets.unlocked(job, elements);
        List<Located> all = job.everything()
                .filter(e -> ids.contains(e.id()) && !(isHalo(e)))
                .map(e -> job.located(e.id()))
                .toList();
        Placing placing = new Placing(job);
        Job done = job;
        for (List<Located> set : sets(job, all)) {
            done = with(done, set, lines(job, set, placing));
        }
        return done.withNextNumber(placing.next());
    }

    private static boolean isHalo(Element e) {
        return e.traits().link().filter(Link.Around.class::isInstance).isPresent();
    }

    /** What each halo goes around. */
    private List<List<Located>> sets(Job job, List<Located> all) {
        return switch (spread) {
            case TOGETHER -> List.of(all);
            case EACH -> all.stream().map(List::of).toList();
            case EACH_OR_JOINED -> new Touching(job, shape, second.orElse(0)).sets(all);
        };
    }

    private List<Element> lines(Job job, List<Located> set, Placing placing) {
        List<Element> lines = new ArrayList<>();
        lines.add(line(job, set, shape, Role.KISS_CUT, placing));
        if (second.isPresent()) {
            HaloShape outer = shape.withDistance(shape.distance() + second.getAsDouble());
            lines.add(line(job, set, outer, Role.CUT, placing));
        }
        return lines;
    }

    private Element line(Job job, List<Located> set, HaloShape around, Role role, Placing placing) {
        Element first = set.getFirst().element();
        HaloMaking making = new HaloMaking(job, around);
        Outline covered = set.size() == 1 ? making.covered(set.getFirst()) : making.covered(set);
        if (covered.isEmpty()) {
            throw Refusal.of("halo.empty", Targets.display(first));
        }
        Outline outline = making.around(covered);
        if (outline.isEmpty()) {
            throw Refusal.of("halo.nothing", Targets.display(first));
        }
        Affine back = set.getLast()
                .toSheet()
                .inverse()
                .orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(first)));
        List<ElementId> of = set.stream().map(l -> l.element().id()).toList();
        Traits traits = Traits.named(Words.of("halo.name." + role, Targets.display(first)))
                .withId(placing.freshId())
                .withRole(role)
                .withLink(Optional.of(new Link.Around(of, around)));
        Stroke stroke = Stroke.plain(LINE, 0.25 * Math.max(1e-6, back.meanScale()));
        return new ShapeElement(traits, outline.transformed(back), FillRule.NON_ZERO, Paint.NONE, Optional.of(stroke));
    }

    /** Puts the lines in front of the frontmost of what they go around. */
    private static Job with(Job job, List<Located> set, List<Element> lines) {
        ElementId front = set.getLast().element().id();
        return Tree.expand(job, Set.of(front), (e, toSheet) -> {
            List<Element> all = new ArrayList<>(List.of(e));
            all.addAll(lines);
            return all;
        });
    }

    /** The lines. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Targets.added(before, after).map(Element::id).toList();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.makeHalo");
    }
}
