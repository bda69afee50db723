package rondel.lines.combine;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.overlay.Overlay;
import rondel.job.CopyElement;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.PictureElement;
import rondel.job.ShapeElement;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Words;

/** Makes plain outlines of what is not yet: of live text, with overlapping letters united; where it is asked, of lines,
 *  whose area becomes a shape in their colour. Everything in groups is taken along. */
public record ToOutlines(List<ElementId> elements, boolean strokes) implements Operation {

    private static final int LONGEST_NAME = 60;

    public ToOutlines {
        elements = List.copyOf(elements);
    }

    @Override
    public Job apply(Job job) {
        Set<ElementId> ids = Targets.unlocked(job, elements);
        return Tree.replace(job, ids, (e, toSheet) -> plain(e, toSheet.times(e.placement())));
    }

    private Element plain(Element e, Affine own) {
        return switch (e) {
            case TextElement t -> {
                Outline united = Overlay.united(t.outline());
                yield lined(new ShapeElement(named(t), united, FillRule.NON_ZERO, t.fill(), t.stroke()), own);
            }
            case ShapeElement s -> lined(s, own);
            case PictureElement p -> p;
            case CopyElement c -> c;
            case GroupElement g ->
                g.withChildren(g.children().stream()
                        .map(c -> plain(c, own.times(c.placement())))
                        .toList());
        };
    }

    /** What it said is its name, if it has none of its own. */
    private static Traits named(TextElement t) {
        String said = t.content().strip().replaceAll("\\s+", " ");
        return t.name().isBlank() && !said.isEmpty()
                ? t.traits().withName(said.length() > LONGEST_NAME ? said.substring(0, LONGEST_NAME) : said)
                : t.traits();
    }

    /** A line alone becomes a shape of its area; a line about a fill is left, as it has a colour of its own. */
    private ShapeElement lined(ShapeElement s, Affine own) {
        Optional<Stroke> stroke = s.stroke().filter(Stroke::visible);
        Optional<Affine> back = own.inverse();
        if (!strokes || stroke.isEmpty() || s.fill().visible() || back.isEmpty()) {
            return s;
        }
        Outline area = PositionedOutline.of(s, stroke.get(), own).transformed(back.get());
        return new ShapeElement(
                s.traits(), area, FillRule.NON_ZERO, stroke.get().paint(), Optional.empty());
    }

    @Override
    public List<ElementId> about() {
        return elements;
    }

    @Override
    public String label() {
        return Words.of("operation.toOutlines");
    }
}
