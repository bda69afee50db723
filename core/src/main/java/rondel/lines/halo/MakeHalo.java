package rondel.lines.halo;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import rondel.fields.Mm;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.HaloSettings;
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
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Makes a kiss-cut line around artwork at a distance, and perhaps a second further out or further in: then the inner one is
 *  kiss cut and the outer one cut through. The lines stand in front of the artwork and follow it until they are unlinked: moved
 *  or scaled, it keeps them at the stated distance.
 *
 * @param second how far the second line is outside the first; below 0 inside it
 * @param gap how far the lines keep from those around other artwork on the sheet that keep a gap too; above 0. Where they would
 *     come nearer, each ends half way. Without it lines may cross */
public record MakeHalo(
        List<ElementId> elements,
        HaloSettings settings,
        @Mm OptionalDouble second,
        Spread spread,
        @Mm OptionalDouble gap)
        implements Operation {

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

    /** A usual gap between the lines of neighbours, in mm. */
    public static final double USUAL_GAP = 1;

    private static final Rgba LINE = new Rgba(0xb8, 0x44, 0x2f, 255);

    public MakeHalo {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        HaloFigures.check(settings, second.isEmpty() ? second : OptionalDouble.of(Math.abs(second.getAsDouble())), gap);
        Set<ElementId> ids = Targets.unlocked(job, elements);
        List<Located> all = job.everything()
                .filter(e -> ids.contains(e.id()) && !isHalo(e))
                .map(e -> job.located(e.id()))
                .toList();
        Placing placing = new Placing(job);
        List<ElementId> lines = new ArrayList<>();
        Job done = job;
        for (List<Located> set : sets(job, all)) {
            List<Element> made = lines(set, placing);
            made.forEach(e -> lines.add(e.id()));
            done = with(done, set, made);
        }
        return HaloDrawing.of(done, lines).withNextNumber(placing.next());
    }

    private static boolean isHalo(Element e) {
        return Neighbours.link(e).findAny().isPresent();
    }

    /** What each halo goes around. */
    private List<List<Located>> sets(Job job, List<Located> all) {
        return switch (spread) {
            case TOGETHER -> List.of(all);
            case EACH -> all.stream().map(List::of).toList();
            case EACH_OR_JOINED -> new TouchingSets(job, outer()).sets(all);
        };
    }

    /** The lines around one set, still to be drawn. */
    private List<Element> lines(List<Located> set, Placing placing) {
        List<Element> lines = new ArrayList<>();
        lines.add(line(set, inner(), Role.KISS_CUT, 2 * Math.abs(second.orElse(0)), placing));
        if (second.isPresent()) {
            lines.add(line(set, outer(), Role.CUT, 0, placing));
        }
        return lines;
    }

    private HaloSettings inner() {
        return settings.withDistance(settings.distance() + Math.min(0, second.orElse(0)));
    }

    private HaloSettings outer() {
        return settings.withDistance(settings.distance() + Math.max(0, second.orElse(0)));
    }

    /** @param more how much wider the gap is, so that an inner line keeps its distance from the outer */
    private Element line(List<Located> set, HaloSettings around, Role role, double more, Placing placing) {
        Element first = set.getFirst().element();
        double scale = set.getLast().toSheet().inverse().map(Affine::meanScale).orElse(1.0);
        List<ElementId> of = set.stream().map(l -> l.element().id()).toList();
        OptionalDouble apart = gap.isEmpty() ? gap : OptionalDouble.of(gap.getAsDouble() + more);
        Traits traits = Traits.named(Words.of("halo.name." + role, Targets.display(first)))
                .withId(placing.freshId())
                .withRole(role)
                .withLink(Optional.of(new Link.Around(of, around, apart)));
        Stroke stroke = Stroke.plain(LINE, 0.25 * Math.max(1e-6, scale));
        return new ShapeElement(traits, Outline.EMPTY, FillRule.NON_ZERO, Paint.NONE, Optional.of(stroke));
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
