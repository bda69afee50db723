package rondel.compose.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import rondel.colour.ColoursInUse;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Rgba;
import rondel.job.Sheet;
import rondel.job.Swatch;
import rondel.job.TextElement;
import rondel.operation.Targets;

/** What there is to fill in when a job is used as a template: its texts, its windows and its colours, sheet by sheet from
 *  back to front. What is locked or hidden is not offered, but for
 *  what a live union is made of, which is seen as that union.
 *
 * @param colours of the palette where there is one, else those in use, most used first */
public record Blanks(List<Text> texts, List<Slot> slots, List<Rgba> colours) {

    private static final int MOST_COLOURS = 12;

    /** A text that can say something else. */
    public record Text(ElementId element, String name, String content) {}

    /** A slot for a picture. */
    public record Slot(ElementId element, String name, boolean filled) {}

    public static Blanks of(Job job) {
        List<Text> texts = new ArrayList<>();
        List<Slot> slots = new ArrayList<>();
        for (Sheet sheet : job.sheets()) {
            open(sheet.elements()).forEach(e -> {
                if (e instanceof TextElement t) {
                    texts.add(new Text(t.id(), Targets.display(t), t.content()));
                } else if (e instanceof GroupElement g && g.slot().isPresent()) {
                    slots.add(new Slot(g.id(), Targets.display(g), !g.isEmptySlot()));
                }
            });
        }
        return new Blanks(texts, slots, colours(job));
    }

    private static List<Rgba> colours(Job job) {
        return job.palette().isEmpty()
                ? ColoursInUse.of(job.sheets().stream().flatMap(s -> s.elements().stream())).stream()
                        .limit(MOST_COLOURS)
                        .toList()
                : job.palette().stream().map(Swatch::colour).toList();
    }

    /** Elements with all they hold, but for what is locked or hidden; a window's picture is the window's. */
    private static Stream<Element> open(List<Element> elements) {
        Set<ElementId> united = elements.stream()
                .flatMap(e -> e.traits().link().stream())
                .filter(Link.Union.class::isInstance)
                .flatMap(l -> ((Link.Union) l).elements().stream())
                .collect(Collectors.toSet());
        return elements.stream()
                .filter(e -> !e.locked() && (!e.hidden() || united.contains(e.id())))
                .flatMap(e -> Stream.concat(Stream.of(e), open(e.children())));
    }

    public boolean isEmpty() {
        return texts.isEmpty() && slots.isEmpty() && colours.isEmpty();
    }
}
