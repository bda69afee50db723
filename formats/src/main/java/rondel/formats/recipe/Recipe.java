package rondel.formats.recipe;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import rondel.history.Editing;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** A list of steps to make in order: a JSON array of operations, or an object with that array under {@code operations}. A step may
 *  name its result ({@code "as"}) and be made for each of many ({@code "for"}).
 *
 * @param name what to call it in refusals */
public record Recipe(String name, List<JsonNode> steps) {

    public Recipe {
        steps = List.copyOf(steps);
    }

    /** @throws Refusal naming the file, and the line where it is no JSON */
    public static Recipe read(Path file) {
        try {
            return parse(Files.readAllBytes(file), file.toString());
        } catch (java.nio.file.NoSuchFileException e) {
            throw new Refusal(Words.of("file.notFound", file), e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    /** @param name what to call it in refusals */
    public static Recipe parse(byte[] bytes, String name) {
        JsonNode root;
        try {
            root = new ObjectMapper().readTree(bytes);
        } catch (StreamConstraintsException e) {
            throw new Refusal(Words.of("recipe.tooDeep", name), e);
        } catch (JsonProcessingException e) {
            throw new Refusal(
                    Words.of(
                            "recipe.notJson",
                            name,
                            e.getLocation().getLineNr(),
                            e.getLocation().getColumnNr(),
                            e.getOriginalMessage().lines().findFirst().orElse("")),
                    e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", name, e.getMessage()), e);
        }
        JsonNode list = root.isObject() && root.has("operations") ? root.get("operations") : root;
        if (!list.isArray()) {
            throw Refusal.of("recipe.noList", name);
        }
        List<JsonNode> steps = new ArrayList<>();
        list.forEach(steps::add);
        return new Recipe(name, steps);
    }

    /** The job after all steps.
     *
     * @throws Refusal naming the step by its place from 1; the job given is as it was */
    public Job apply(Editing editing, Job job) {
        return new RecipeRun(editing, job).all(this);
    }
}
