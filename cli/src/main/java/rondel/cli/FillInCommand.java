package rondel.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;
import rondel.compose.template.Blanks;
import rondel.compose.template.FillIn;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.fonts.UsualEditing;
import rondel.formats.job.FillInJson;
import rondel.formats.reading.ArtworkReader;
import rondel.job.Media;
import rondel.text.Typesetter;
import rondel.words.Refusal;
import rondel.words.Words;

/** Fills a template in: texts, pictures for windows, colours. */
@Command(name = "fill-in", mixinStandardHelpOptions = true)
final class FillInCommand implements Callable<Integer> {

    @Mixin
    private JobChange change;

    @Parameters(index = "1", paramLabel = "VALUES.json")
    private Path values;

    @Override
    public Integer call() {
        JsonNode given = json();
        change.make(List.of(values), job -> {
            FillIn fillIn = FillInJson.read(given, Blanks.of(job), this::picture);
            return UsualEditing.editing().apply(fillIn.operation(job, new Typesetter(FontsAtHand.usual())), job);
        });
        return 0;
    }

    /** A picture file, by its path beside the file of values. */
    private Media picture(Path file) {
        Path beside = values.toAbsolutePath().resolveSibling(file);
        List<Media> media = new ArtworkReader(FontsAtHand.usual()).read(beside).media();
        if (media.size() != 1) {
            throw Refusal.of("window.noPicture", file);
        }
        return media.getFirst();
    }

    private JsonNode json() {
        try {
            return new ObjectMapper().readTree(Files.readAllBytes(values));
        } catch (JsonProcessingException e) {
            throw new Refusal(
                    Words.of(
                            "recipe.notJson",
                            values,
                            e.getLocation().getLineNr(),
                            e.getLocation().getColumnNr(),
                            e.getOriginalMessage().lines().findFirst().orElse("")),
                    e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", values, e.getMessage()), e);
        }
    }
}
