package rondel.compose.template;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import rondel.colour.SwapColours;
import rondel.compose.lettering.SetText;
import rondel.compose.slot.FillSlots;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.Media;
import rondel.job.Rgba;
import rondel.job.TextElement;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.operation.Together;
import rondel.text.Typesetter;
import rondel.words.Refusal;
import rondel.words.Words;

/** What a person fills into a template. The layout stays: a text that comes out wider than the one before it is set
 *  smaller, to its width; a picture takes the fit of its window. */
public record FillIn(Map<ElementId, String> texts, Map<ElementId, Media> pictures, Map<Rgba, Rgba> colours) {

    /** The edits that fill it in, as one.
     *
     * @throws Refusal if nothing would change, or what is named is no text */
    public Operation operation(Job job, Typesetter typesetter) {
        List<Operation> steps = new ArrayList<>();
        texts.forEach((id, said) -> text(job, id, said, typesetter).ifPresent(steps::add));
        pictures.forEach((id, media) -> steps.add(new FillSlots(List.of(id), List.of(media))));
        Map<Rgba, Rgba> swapped = new LinkedHashMap<>(colours);
        swapped.entrySet().removeIf(e -> e.getKey().equals(e.getValue()));
        if (!swapped.isEmpty()) {
            steps.add(new SwapColours(List.of(), List.copyOf(swapped.keySet()), List.copyOf(swapped.values())));
        }
        if (steps.isEmpty()) {
            throw Refusal.of("template.nothing");
        }
        return new Together(Words.of("operation.fillIn"), steps);
    }

    private static Optional<Operation> text(Job job, ElementId id, String said, Typesetter typesetter) {
        if (!(job.located(id).element() instanceof TextElement text)) {
            throw Refusal.of("text.none", Targets.display(job.located(id).element()));
        }
        if (text.content().equals(said)) {
            return Optional.empty();
        }
        Lettering next = text.lettering().withContent(said).withLetters(List.of());
        Outline shaped = typesetter.outline(next);
        double room = text.outline().bounds().map(Box::width).orElse(0.0);
        double wide = shaped.bounds().map(Box::width).orElse(0.0);
        if (room > 0 && wide > room) {
            next = next.withSize(next.size() * room / wide).withTracking(next.tracking() * room / wide);
            shaped = typesetter.outline(next);
        }
        return Optional.of(new SetText(id, next, Optional.of(shaped)));
    }
}
