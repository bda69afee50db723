package rondel.formats.recipe;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.history.Editing;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.progress.Advance;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** A recipe being made: the job so far, and what its results are called. */
final class RecipeRun {

    private static final String EACH = "each";

    private final OperationJson json = new OperationJson(MediaStore.inline());
    private final Editing editing;
    private final Map<String, List<ElementId>> results = new LinkedHashMap<>();
    private Job job;

    RecipeRun(Editing editing, Job job) {
        this.editing = editing;
        this.job = job;
    }

    Job all(Recipe recipe) {
        for (int i = 0; i < recipe.steps().size(); i++) {
            Cancellation.check();
            Advance.to(i, recipe.steps().size());
            JsonNode step = recipe.steps().get(i);
            try {
                step(step);
            } catch (Refusal e) {
                String what = step.path("operation").asText("");
                throw new Refusal(
                        Words.of(
                                "recipe.at",
                                recipe.name(),
                                (i + 1) + (what.isEmpty() ? "" : " (" + what + ")"),
                                e.getMessage()),
                        e);
            }
        }
        return job;
    }

    private void step(JsonNode node) {
        if (!(node instanceof ObjectNode step)) {
            throw Refusal.of("recipe.noOperation");
        }
        ObjectNode own = step.objectNode().setAll(step);
        JsonNode as = own.remove("as");
        JsonNode over = own.remove("for");
        Set<ElementId> made = new LinkedHashSet<>();
        if (over == null) {
            made.addAll(once(own));
        } else {
            for (ElementId one : each(over)) {
                results.put(EACH, List.of(one));
                made.addAll(once(own));
            }
            results.remove(EACH);
        }
        if (as != null) {
            name(as, List.copyOf(made));
        }
    }

    private List<ElementId> once(ObjectNode step) {
        if (step.has("steps") && !step.has("operation")) {
            if (!step.get("steps").isArray()) {
                throw Refusal.of("recipe.noSteps");
            }
            List<ElementId> last = List.of();
            for (JsonNode inner : step.get("steps")) {
                last = inner instanceof ObjectNode o && !o.has("for") ? named(o) : refused();
            }
            return last;
        }
        Operation operation = json.read(json.withIds(step, new Meaning(job, results)));
        Job before = job;
        job = editing.apply(operation, job);
        return operation.selects(before, job).stream()
                .filter(id -> job.find(id).isPresent())
                .toList();
    }

    /** A step inside others: its result can be named too, and lasts until the next time round. */
    private List<ElementId> named(ObjectNode step) {
        ObjectNode own = step.objectNode().setAll(step);
        JsonNode as = own.remove("as");
        List<ElementId> made = once(own);
        if (as != null) {
            name(as, made);
        }
        return made;
    }

    private static List<ElementId> refused() {
        throw Refusal.of("recipe.noSteps");
    }

    private void name(JsonNode as, List<ElementId> made) {
        if (!as.isTextual()
                || !as.asText().matches("[\\p{L}\\d_-]{1,60}")
                || as.asText().equals(EACH)) {
            throw Refusal.of("recipe.badName");
        }
        results.put(as.asText(), List.copyOf(made));
    }

    private List<ElementId> each(JsonNode over) {
        List<ElementId> found = new Meaning(job, results).each(over);
        if (found.isEmpty()) {
            throw Refusal.of("recipe.forNothing");
        }
        return found;
    }
}
