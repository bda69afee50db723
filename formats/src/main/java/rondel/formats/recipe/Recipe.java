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
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/** A list of operations to apply in order: a JSON array of them, or an object with that array under {@code operations}. */
public record Recipe(List<Operation> operations) {

    /** @throws Refusal naming the file and, where one is wrong, the operation by its place from 1 */
    public static Recipe read(Path file) {
        JsonNode root;
        try {
            root = new ObjectMapper().readTree(Files.readAllBytes(file));
        } catch (java.nio.file.NoSuchFileException e) {
            throw new Refusal(Words.of("file.notFound", file), e);
        } catch (StreamConstraintsException e) {
            throw new Refusal(Words.of("recipe.tooDeep", file), e);
        } catch (JsonProcessingException e) {
            throw new Refusal(Words.of("recipe.notJson", file, e.getLocation().getLineNr()), e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
        JsonNode list = root.isObject() && root.has("operations") ? root.get("operations") : root;
        if (!list.isArray()) {
            throw Refusal.of("recipe.noList", file);
        }
        OperationJson json = new OperationJson(MediaStore.inline());
        List<Operation> operations = new ArrayList<>();
        for (JsonNode node : list) {
            try {
                operations.add(json.read(node));
            } catch (Refusal e) {
                throw new Refusal(Words.of("recipe.at", file, operations.size() + 1, e.getMessage()), e);
            }
        }
        return new Recipe(List.copyOf(operations));
    }
}
