package rondel.colour;

import java.util.List;
import java.util.Set;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gives every gradient that fills something in elements these stops; where it lies stays.
 *
 * @param stops at least two, with offsets from 0 to 1 that never go back */
public record SetStops(List<ElementId> elements, List<Paint.Stop> stops) implements Operation {

    public SetStops {
        elements = List.copyOf(elements);
        stops = List.copyOf(stops);
    }

    @Override
    public Job apply(Job job) {
        double last = 0;
        for (Paint.Stop stop : stops) {
            if (!(stop.offset() >= last && stop.offset() <= 1)) {
                throw Refusal.of("stops.order");
            }
            last = stop.offset();
        }
        if (stops.size() < 2) {
            throw Refusal.of("stops.order");
        }
        Set<ElementId> ids = Targets.unlocked(job, elements);
        Job done = Tree.replace(job, ids, (e, toSheet) -> restopped(e));
        if (done.equals(job)) {
            throw Refusal.of("stops.none");
        }
        return done;
    }

    private Element restopped(Element e) {
        return switch (e) {
            case ShapeElement s -> s.withFill(restopped(s.fill()));
            case TextElement t -> t.withFill(restopped(t.fill()));
            case PictureElement p -> p;
            case CopyElement c -> c;
            case GroupElement g ->
                g.withChildren(g.children().stream().map(this::restopped).toList());
        };
    }

    private Paint restopped(Paint paint) {
        return switch (paint) {
            case Paint.Linear g -> g.withStops(stops);
            case Paint.Radial g -> g.withStops(stops);
            default -> paint;
        };
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.stops");
    }
}
