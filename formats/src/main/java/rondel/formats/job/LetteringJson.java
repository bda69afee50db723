package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.job.FontChoice;
import rondel.job.Lettering;
import rondel.job.TextAlign;

/** What a text says and how it is set, as the fields of an object. What is usual is not written. */
final class LetteringJson {

    private LetteringJson() {}

    static void write(ObjectNode o, Lettering l) {
        o.put("content", l.content());
        o.putObject("font")
                .put("family", l.font().family())
                .put("weight", l.font().weight())
                .put("italic", l.font().italic());
        o.put("size", l.size()).put("tracking", l.tracking()).put("align", Enums.word(l.align()));
        if (l.lineSpacing() != Lettering.USUAL_SPACING) {
            o.put("line_spacing", l.lineSpacing());
        }
        if (!l.features().isEmpty()) {
            ArrayNode features = o.putArray("features");
            l.features().forEach(features::add);
        }
        l.path().ifPresent(p -> o.put("path", GeometryJson.outline(p)));
        if (!l.letters().isEmpty()) {
            ArrayNode letters = o.putArray("letters");
            l.letters().forEach(c -> letter(letters.addObject(), c));
        }
    }

    private static void letter(ObjectNode o, Lettering.Letter c) {
        o.put("at", c.at()).put("dx", c.dx()).put("dy", c.dy());
        o.put("turn", c.turn()).put("scale", c.scale());
        c.glyph().ifPresent(g -> o.put("glyph", g));
    }

    static Lettering read(JsonFields f) {
        JsonFields font = new JsonFields(f.node("font"));
        List<String> features = new ArrayList<>();
        f.listOrEmpty("features").forEach(n -> features.add(n.asText()));
        List<Lettering.Letter> letters = new ArrayList<>();
        f.listOrEmpty("letters").forEach(n -> letters.add(letter(n)));
        return new Lettering(
                f.text("content"),
                new FontChoice(font.text("family"), (int) font.number("weight", 400), font.flag("italic", false)),
                f.length("size"),
                f.optional("tracking").isPresent() ? f.length("tracking") : 0,
                f.number("line_spacing", Lettering.USUAL_SPACING),
                f.optional("align")
                        .map(n -> Enums.read(n, TextAlign.class, "align"))
                        .orElse(TextAlign.START),
                features,
                f.optional("path").map(n -> GeometryJson.outline(n, "path")),
                letters);
    }

    private static Lettering.Letter letter(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Lettering.Letter(
                (int) f.number("at"),
                f.number("dx", 0),
                f.number("dy", 0),
                f.number("turn", 0),
                f.number("scale", 1),
                f.optional("glyph").isPresent() ? Optional.of((int) f.number("glyph")) : Optional.empty());
    }
}
