package rondel.formats.recipe;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Link;
import rondel.job.Role;
import rondel.job.Sheet;
import rondel.words.NearMatch;
import rondel.words.Refusal;

/** Elements by what they are: {@code {"role": "cut", "sheet": "Front"}}. Several conditions must all hold; in names and paths,
 *  {@code *} stands for anything. */
final class ElementQuery {

    private static final Set<String> FIELDS = Set.of("path", "name", "role", "kind", "set", "sheet");

    private final Job job;
    private final JsonNode query;

    ElementQuery(Job job, JsonNode query) {
        this.job = job;
        this.query = query;
        query.fieldNames().forEachRemaining(field -> {
            if (!FIELDS.contains(field) || !query.get(field).isValueNode()) {
                throw Refusal.of(
                        "recipe.unknownField",
                        query,
                        field,
                        NearMatch.sentence(field, FIELDS),
                        String.join(", ", FIELDS.stream().sorted().toList()));
            }
        });
        if (query.isEmpty()) {
            throw Refusal.of("recipe.badReference", query);
        }
        if (query.has("role")) {
            role(query.get("role").asText());
        }
    }

    /** In the order of the job. */
    List<ElementId> matches() {
        List<ElementId> found = new ArrayList<>();
        for (Sheet sheet : job.sheets()) {
            if (!query.has("sheet") || isMeant(sheet, query.get("sheet"))) {
                sheet.elements().forEach(e -> look(e, "", found));
            }
        }
        return found;
    }

    private boolean isMeant(Sheet sheet, JsonNode said) {
        return said.isInt()
                ? job.sheets().indexOf(sheet) + 1 == said.asInt()
                : sheet.id().value().equals(said.asText()) || sheet.name().equals(said.asText());
    }

    private void look(Element e, String around, List<ElementId> found) {
        String path = around + "/" + e.name();
        if (fits(e, path)) {
            found.add(e.id());
        }
        e.children().forEach(c -> look(c, path, found));
    }

    private boolean fits(Element e, String path) {
        return (!query.has("path")
                        || pattern(withSlash(query.get("path").asText()))
                                .matcher(path)
                                .matches())
                && (!query.has("name")
                        || pattern(query.get("name").asText()).matcher(e.name()).matches())
                && (!query.has("role") || e.role() == role(query.get("role").asText()))
                && (!query.has("kind") || e.kind().equals(query.get("kind").asText()))
                && (!query.has("set")
                        || e.traits().link().orElse(null) instanceof Link.Alike a
                                && a.set().equals(query.get("set").asText()));
    }

    private static String withSlash(String path) {
        return path.startsWith("/") ? path : "/" + path;
    }

    /** Elements by the names of the groups around them and their own. */
    static List<ElementId> byPath(Job job, String path) {
        return new ElementQuery(
                        job,
                        com.fasterxml.jackson.databind.node.JsonNodeFactory.instance
                                .objectNode()
                                .put("path", path))
                .matches();
    }

    private static Pattern pattern(String text) {
        return Pattern.compile(Arrays.stream(text.split("\\*", -1))
                .map(Pattern::quote)
                .collect(java.util.stream.Collectors.joining(".*")));
    }

    private static Role role(String word) {
        return Arrays.stream(Role.values())
                .filter(r -> r.name().toLowerCase(Locale.ROOT).replace('_', '-').equals(word))
                .findFirst()
                .orElseThrow(() -> Refusal.of(
                        "recipe.badChoice",
                        "elements",
                        "role",
                        "print, cut, kiss-cut, score, draw, stitch, guide",
                        word));
    }
}
