package rondel.formats.recipe;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;

/** Every operation with its fields, as a page of Markdown: docs/operations.md is this text. */
public final class OperationReference {

    private OperationReference() {}

    public static String markdown() {
        StringBuilder out = new StringBuilder("""
                # Operations

                Made by `rondel operations --markdown` from the code; docs/recipes.md tells how they are used. A field in brackets may be left
                out. Lengths are in mm, or text with a unit; angles are in degrees, clockwise.
                """);
        for (JsonNode operation : new OperationJson(MediaStore.inline()).catalogue()) {
            out.append("\n## ").append(operation.get("name").asText()).append('\n');
            out.append(operation.get("summary").asText()).append("\n\n");
            operation.get("fields").forEach(f -> field(out, f, ""));
            String example = operation.get("example").toString();
            out.append("\n```json\n").append(shortened(example)).append("\n```\n");
        }
        return out.toString();
    }

    private static void field(StringBuilder out, JsonNode field, String indent) {
        String name = field.get("name").asText();
        boolean optional = field.path("optional").asBoolean();
        List<String> words = new ArrayList<>(List.of(field.get("type").asText()));
        if (field.has("unit")) {
            words.add(field.get("unit").asText());
        }
        if (field.has("choices")) {
            List<String> choices = new ArrayList<>();
            field.get("choices").forEach(c -> choices.add("`" + c.asText() + "`"));
            words.add(String.join(" ", choices));
        }
        out.append(indent).append("- ");
        out.append(optional ? "[`" + name + "`]" : "`" + name + "`");
        out.append(": ").append(String.join(", ", words)).append('\n');
        for (JsonNode of : field.path("of")) {
            String inner = indent + "  ";
            if (of.has("kind")) {
                out.append(inner)
                        .append("- kind `")
                        .append(of.get("kind").asText())
                        .append("`\n");
                inner += "  ";
            }
            if (of.has("in")) {
                out.append(inner).append("- in `").append(of.get("in").asText()).append('`');
                // One that has nothing else beside its field is that field's value.
                boolean alone = of.get("fields").size() == 1
                        && !of.at("/fields/0").has("of")
                        && !of.at("/fields/0/optional").asBoolean();
                out.append(alone ? ": " + of.at("/fields/0/type").asText() + "\n" : "\n");
                if (alone) {
                    continue;
                }
                inner += "  ";
            }
            for (JsonNode f : of.get("fields")) {
                field(out, f, inner);
            }
        }
    }

    /** Long texts, such as bytes of pictures, say nothing to a reader. */
    private static String shortened(String json) {
        return json.replaceAll("\"([^\"]{80})[^\"]{40,}\"", "\"$1…\"");
    }
}
