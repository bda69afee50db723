package rondel.lines.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Placing;
import rondel.job.ShapeElement;
import rondel.job.TraceSettings;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Traces pictures: outlines in true size stand in front of each, which is kept but hidden. */
public record Trace(List<ElementId> elements, TraceSettings settings) implements Operation {

    /** The most colours that a picture is traced in. */
    public static final int MOST_COLOURS = 16;

    public Trace {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        boolean sound = settings.colours() >= 1
                && settings.colours() <= MOST_COLOURS
                && settings.threshold() >= 0
                && settings.threshold() <= 1
                && settings.speckle() >= 0
                && settings.corner() > 0
                && settings.corner() <= 180
                && settings.smoothness() > 0
                && settings.smoothness() <= 50;
        if (!sound) {
            throw Refusal.of("trace.bad", MOST_COLOURS);
        }
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Placing placing = new Placing(job);
        Job traced = Tree.expand(job, ids, (e, toSheet) -> traced(e, job, placing));
        return traced.withNextNumber(placing.next());
    }

    private List<Element> traced(Element e, Job job, Placing placing) {
        if (!(e instanceof PictureElement picture) || !job.media().containsKey(picture.media())) {
            throw Refusal.of("trace.noPicture", Targets.display(e));
        }
        Media media = job.media().get(picture.media());
        List<Tracing.Layer> layers = new Tracing(media.pixels(), settings).layers();
        if (layers.isEmpty()) {
            throw Refusal.of("trace.nothing", Targets.display(e));
        }
        Box frame = picture.frame();
        Affine toFrame = Affine.translate(frame.x(), frame.y())
                .times(Affine.scale(frame.width() / media.width(), frame.height() / media.height()));
        List<Element> shapes = new ArrayList<>();
        for (Tracing.Layer layer : layers) {
            shapes.add(new ShapeElement(
                    Traits.named(layers.size() == 1 ? "" : layer.colour().hex()).withId(placing.freshId()),
                    layer.outline().transformed(toFrame),
                    FillRule.NON_ZERO,
                    Paint.solid(layer.colour()),
                    Optional.empty()));
        }
        Traits own = picture.traits();
        Traits group = Traits.named(Words.of("trace.name", Targets.display(e)))
                .withId(placing.freshId())
                .withPlacement(own.placement())
                .withProvenance(own.provenance());
        return List.of(e.with(t -> t.withHidden(true)), GroupElement.of(group, shapes));
    }

    /** The outlines. */
    @Override
    public List<ElementId> selects(Job before, Job after) {
        return Targets.addedGroups(before, after);
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.trace");
    }
}
