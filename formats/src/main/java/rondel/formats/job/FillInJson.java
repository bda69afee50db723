package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import rondel.compose.template.Blanks;
import rondel.compose.template.FillIn;
import rondel.job.ElementId;
import rondel.job.Media;
import rondel.job.Rgba;
import rondel.words.Refusal;
import rondel.words.Words;

/** What there is to fill in, and what is filled in, as JSON: {@code {"texts": {"e7": "Mara"}, "pictures": {"Photo": "a.jpg"},
 *  "colours": {"#1f6f6b": "#b8442f"}}}. Texts and windows go by id or by name. */
public final class FillInJson {

    private FillInJson() {}

    public static ObjectNode write(Blanks blanks) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        ArrayNode texts = o.putArray("texts");
        blanks.texts().forEach(t -> texts.addObject()
                .put("id", t.element().value())
                .put("name", t.name())
                .put("content", t.content()));
        ArrayNode slots = o.putArray("windows");
        blanks.slots().forEach(w -> slots.addObject()
                .put("id", w.element().value())
                .put("name", w.name())
                .put("filled", w.filled()));
        ArrayNode colours = o.putArray("colours");
        blanks.colours().forEach(c -> colours.add(c.hex()));
        return o;
    }

    /** @param picture reads the picture file of a path
     *  @throws Refusal naming what is not there to be filled in, or what is not as it should be */
    public static FillIn read(JsonNode node, Blanks blanks, Function<Path, Media> picture) {
        try {
            Map<ElementId, String> texts = new LinkedHashMap<>();
            Map<ElementId, Media> pictures = new LinkedHashMap<>();
            Map<Rgba, Rgba> colours = new LinkedHashMap<>();
            node.path("texts")
                    .properties()
                    .forEach(e ->
                            texts.put(text(blanks, e.getKey()), e.getValue().asText()));
            node.path("pictures")
                    .properties()
                    .forEach(e -> pictures.put(
                            slot(blanks, e.getKey()),
                            picture.apply(Path.of(e.getValue().asText()))));
            node.path("colours")
                    .properties()
                    .forEach(e ->
                            colours.put(colour(e.getKey()), colour(e.getValue().asText())));
            return new FillIn(texts, pictures, colours);
        } catch (BadJson e) {
            throw new Refusal(Words.of("template.bad", e.field()), e);
        }
    }

    private static Rgba colour(String text) {
        try {
            return TextForms.colour(text);
        } catch (IllegalArgumentException e) {
            throw new BadJson("colours", text);
        }
    }

    private static ElementId text(Blanks blanks, String wanted) {
        List<Blanks.Text> all = blanks.texts();
        return named(all, wanted, Blanks.Text::element, Blanks.Text::name);
    }

    private static ElementId slot(Blanks blanks, String wanted) {
        return named(blanks.slots(), wanted, Blanks.Slot::element, Blanks.Slot::name);
    }

    private static <T> ElementId named(
            List<T> all, String wanted, Function<T, ElementId> id, Function<T, String> name) {
        Optional<T> found = all.stream()
                .filter(t -> id.apply(t).value().equals(wanted))
                .findFirst()
                .or(() -> all.stream().filter(t -> name.apply(t).equals(wanted)).findFirst());
        return found.map(id).orElseThrow(() -> Refusal.of("template.noBlank", wanted));
    }
}
