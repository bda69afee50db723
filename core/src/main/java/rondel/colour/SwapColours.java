package rondel.colour;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.fields.LeftOut;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Rgba;
import rondel.job.Swatch;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Puts several colours in the place of several others at once, so that two can change places: in some elements with all
 *  they hold, or in the whole job and its palette where none is named. How see-through a colour is stays; locked elements
 *  stay as they are.
 *
 * @param from colours, each of which becomes the one at its place in {@code to} */
public record SwapColours(@LeftOut("[]") List<ElementId> elements, List<Rgba> from, List<Rgba> to)
        implements Operation {

    public SwapColours {
        elements = List.copyOf(elements);
        from = List.copyOf(from);
        to = List.copyOf(to);
    }

    @Override
    public Job apply(Job job) {
        if (from.isEmpty() || from.size() != to.size()) {
            throw Refusal.of("recolour.pairs");
        }
        Map<Integer, Rgba> swaps = new HashMap<>();
        for (int i = 0; i < from.size(); i++) {
            swaps.put(ink(from.get(i)), to.get(i));
        }
        if (!elements.isEmpty()) {
            Set<ElementId> ids = Targets.unlocked(job, elements);
            return Tree.replace(job, ids, (e, toSheet) -> swapped(e, swaps));
        }
        return job.withPalette(job.palette().stream()
                        .map(s -> new Swatch(s.name(), swapped(s.colour(), swaps)))
                        .toList())
                .withSheets(job.sheets().stream()
                        .map(s -> s.withElements(s.elements().stream()
                                .map(e -> e.locked() ? e : swapped(e, swaps))
                                .toList()))
                        .toList());
    }

    private static Element swapped(Element e, Map<Integer, Rgba> swaps) {
        return Repainting.each(e, c -> swapped(c, swaps));
    }

    private static Rgba swapped(Rgba colour, Map<Integer, Rgba> swaps) {
        Rgba other = swaps.get(ink(colour));
        return other == null ? colour : new Rgba(other.red(), other.green(), other.blue(), colour.alpha());
    }

    private static int ink(Rgba c) {
        return c.red() << 16 | c.green() << 8 | c.blue();
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.swapColours");
    }
}
