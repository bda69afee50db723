package rondel.compose.lettering;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Outline;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Lettering;
import rondel.job.TextElement;
import rondel.job.Tree;
import rondel.operation.Operation;
import rondel.operation.Targets;
import rondel.words.Refusal;
import rondel.words.Words;

/** Has a live text say something else, or be set otherwise; its place, colours and name stay.
 *
 * @param outline what the lettering is shaped to; a recipe may leave it out, then it is shaped with the fonts at hand */
public record SetText(ElementId element, Lettering lettering, Optional<Outline> outline) implements Operation {

    @Override
    public Job apply(Job job) {
        Outline shaped = shaped(outline);
        Set<ElementId> id = Targets.unlocked(job, List.of(element));
        return Tree.replace(job, id, (e, toSheet) -> {
            if (!(e instanceof TextElement text)) {
                throw Refusal.of("text.none", Targets.display(e));
            }
            return text.withLettering(lettering, shaped);
        });
    }

    static Outline shaped(Optional<Outline> outline) {
        return outline.orElseThrow(() -> Refusal.of("text.notShaped"));
    }

    @Override
    public List<ElementId> about() {
        return List.of(element);
    }

    @Override
    public String label() {
        return Words.of("operation.setText");
    }
}
