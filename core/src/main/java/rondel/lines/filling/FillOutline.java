package rondel.lines.filling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import rondel.geometry.Affine;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extent;
import rondel.job.FillingSettings;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Located;
import rondel.job.Placing;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Fills an outline with copies of drawings, so that it reads without its line: the outline is hidden, and the copies are a
 *  group in front of it. Where the outline has been filled before, copies that were changed by hand or locked stay as they are,
 *  and the others are put in anew.
 *
 * @param outline what is filled, by what it covers
 * @param drawings what copies are made of; they stay where they are */
public record FillOutline(ElementId outline, List<ElementId> drawings, FillingSettings settings) implements Operation {

    /** The most rounds of putting copies in anew. */
    public static final int MOST_ROUNDS = 100_000;

    private static final double SMALLEST = 0.5;
    private static final double LARGEST = 2_000;
    public static final int MOST_COPIES = 5_000;

    /** Watches a filling while it is made. */
    public interface Watch {

        /** @param rounds how many have been made
         *  @param asItIs the job with the filling as it is now, gaps not yet exact
         *  @return whether to go on; if not, the filling is kept as it is, its gaps made exact */
        boolean goesOn(int rounds, Supplier<Job> asItIs);
    }

    public FillOutline {
        drawings = List.copyOf(drawings);
    }

    /** The largest of a selection filled with copies of the others; or a filling made anew. Nothing where it is neither. */
    public static Optional<FillOutline> ofSelection(Job job, List<ElementId> selection, FillingSettings settings) {
        List<Element> all =
                selection.stream().map(id -> job.located(id).element()).toList();
        if (all.size() == 1
                && all.getFirst().traits().link().isPresent()
                && all.getFirst().traits().link().get() instanceof Link.Filling f) {
            return Optional.of(new FillOutline(f.outline(), f.drawings(), settings));
        }
        Optional<ElementId> largest = all.size() < 2
                ? Optional.empty()
                : selection.stream().max(Comparator.comparingDouble(id -> room(job, id)));
        return largest.map(l -> new FillOutline(
                l, selection.stream().filter(id -> !id.equals(l)).toList(), settings));
    }

    private static double room(Job job, ElementId id) {
        return Extent.onSheet(job.located(id)).map(b -> b.width() * b.height()).orElse(0.0);
    }

    @Override
    public Job apply(Job job) {
        return apply(job, (rounds, asItIs) -> true);
    }

    /** As {@link #apply(Job)}, watched. What was stopped after some rounds is the same as what the operation with that
     *  many rounds makes. */
    public Job apply(Job job, Watch watch) {
        check();
        Located around = job.located(outline);
        Targets.unlocked(job, List.of(outline));
        List<Located> all = drawings.stream().map(job::located).toList();
        if (all.isEmpty()) {
            throw Refusal.of("filling.noDrawings");
        }
        if (drawings.contains(outline)) {
            throw Refusal.of("filling.itself", Targets.display(around.element()));
        }
        Optional<Located> earlier = earlier(job);
        List<Element> kept = earlier.map(g -> byHand(job, g)).orElse(List.of());
        Container container = Container.of(job, around, all, kept, earlier, settings);
        Filling filling = new Filling(container.area(), container.motifs(), settings);
        int[] stopped = {settings.rounds()};
        List<Placement> found = filling.fill((rounds, placements) -> {
            boolean goesOn = watch.goesOn(rounds, () -> with(job, around, earlier, kept, all, placements));
            stopped[0] = goesOn ? stopped[0] : rounds;
            return goesOn;
        });
        List<Placement> exact = new ExactFit(container.area(), filling.shape()).of(found);
        if (exact.isEmpty() && kept.isEmpty()) {
            throw Refusal.of("filling.noRoom", Targets.display(around.element()));
        }
        FillOutline made = new FillOutline(outline, drawings, settings.withRounds(stopped[0]));
        return made.with(job, around, earlier, kept, all, exact);
    }

    private void check() {
        boolean sound = settings.from() >= SMALLEST
                && settings.to() >= settings.from()
                && settings.to() <= LARGEST
                && settings.gap() >= 0
                && settings.gap() <= LARGEST
                && settings.turning() >= 0
                && settings.turning() <= 180
                && settings.rounds() >= 0
                && settings.rounds() <= MOST_ROUNDS
                && settings.count().orElse(1) >= 1
                && settings.count().orElse(1) <= MOST_COPIES
                && settings.density().orElse(1) > 0
                && settings.density().orElse(1) <= 1;
        if (!sound) {
            throw Refusal.of("filling.bad", SMALLEST, LARGEST);
        }
    }

    /** The filling that this outline has had before. */
    private Optional<Located> earlier(Job job) {
        return job.everything()
                .filter(e -> e instanceof GroupElement
                        && e.traits().link().isPresent()
                        && e.traits().link().get() instanceof Link.Filling f
                        && f.outline().equals(outline))
                .reduce((first, second) -> second)
                .map(e -> job.located(e.id()));
    }

    /** The copies of a filling that someone has changed, or put in, or locked. */
    private static List<Element> byHand(Job job, Located filling) {
        return filling.element().children().stream()
                .filter(e -> e.locked() || !Copies.isAsMade(job, e))
                .toList();
    }

    private Job with(
            Job job,
            Located around,
            Optional<Located> earlier,
            List<Element> kept,
            List<Located> all,
            List<Placement> placements) {
        Placing placing = new Placing(job);
        Traits traits = earlier.map(g -> g.element().traits())
                .orElseGet(() -> Traits.named(Words.of("filling.name", Targets.display(around.element())))
                        .withId(placing.freshId()))
                .withLink(Optional.of(new Link.Filling(outline, drawings, settings)));
        Affine toSheet = earlier.map(Located::ownToSheet).orElse(around.toSheet());
        Affine back = toSheet.inverse()
                .orElseThrow(() -> Refusal.of("operation.flattened", Targets.display(around.element())));
        List<Element> children = new ArrayList<>(kept);
        for (Placement placement : placements) {
            Located drawing = all.get(placement.motif().index());
            Affine put =
                    back.times(placement.map()).times(placement.motif().toOwn()).times(drawing.ownToSheet());
            children.add(Copies.made(placing, drawing.element(), put));
        }
        GroupElement group = GroupElement.of(traits, children);
        Job filled = earlier.isPresent()
                ? Tree.replace(job, Set.of(traits.id()), (e, at) -> group)
                : Tree.expand(job, Set.of(outline), (e, at) -> List.of(e.with(t -> t.withHidden(true)), group));
        return filled.withNextNumber(placing.next());
    }

    /** The filling. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return earlier(after).map(l -> List.of(l.element().id())).orElse(List.of());
    }

    @Override
    public List<ElementId> about() {
        return List.of(outline);
    }

    @Override
    public String label() {
        return Words.of("operation.fillOutline");
    }
}
