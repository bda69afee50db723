package rondel.formats.recipe;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import rondel.formats.job.IdSource;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Tree;
import rondel.words.NearMatch;
import rondel.words.Refusal;

/** What a recipe means by what it says of elements and sheets, in the job as it is.
 *
 * @param results elements by the names that the recipe has given them */
record Meaning(Job job, Map<String, List<ElementId>> results) implements IdSource {

    private static final Set<String> KINDS = Set.of("shape", "text", "picture", "group", "window", "try-out");

    @Override
    public List<ElementId> elements(JsonNode said) {
        if (said.isObject()) {
            return some(new ElementQuery(job, said).matches(), said.toString(), names());
        }
        if (!said.isTextual()) {
            throw Refusal.of("recipe.badReference", said);
        }
        String text = said.asText();
        if (text.startsWith("$")) {
            List<ElementId> named = results.get(text.substring(1));
            if (named == null) {
                throw Refusal.of("recipe.noSuchResult", text, NearMatch.sentence(text.substring(1), results.keySet()));
            }
            return named;
        }
        if (text.startsWith("/")) {
            return some(ElementQuery.byPath(job, text), text, names());
        }
        ElementId id = new ElementId(text);
        return job.find(id).isPresent()
                ? List.of(id)
                : some(
                        List.of(),
                        "“" + text + "”",
                        job.everything().map(e -> e.id().value()).collect(Collectors.toSet()));
    }

    private static List<ElementId> some(List<ElementId> found, String said, Collection<String> known) {
        if (found.isEmpty()) {
            String last = said.replaceAll("[“”{}\"]", "").replaceFirst(".*[/:]", "");
            throw Refusal.of("recipe.noneMatches", said, NearMatch.sentence(last, known));
        }
        return found;
    }

    private Set<String> names() {
        return job.everything().map(Element::name).filter(n -> !n.isBlank()).collect(Collectors.toSet());
    }

    @Override
    public SheetId sheet(JsonNode said) {
        if (said.isInt() && said.asInt() >= 1 && said.asInt() <= job.sheets().size()) {
            return job.sheets().get(said.asInt() - 1).id();
        }
        String text = said.asText();
        return job.sheets().stream()
                .filter(s -> s.id().value().equals(text))
                .findFirst()
                .or(() ->
                        job.sheets().stream().filter(s -> s.name().equals(text)).findFirst())
                .map(Sheet::id)
                .orElseThrow(() -> Refusal.of(
                        "recipe.noSheet",
                        text,
                        NearMatch.sentence(
                                text, job.sheets().stream().map(Sheet::name).toList())));
    }

    /** What something is made for, one after the other: {@code each group}, or elements in any way that names them. */
    List<ElementId> each(JsonNode over) {
        if (over.isTextual() && over.asText().toLowerCase(Locale.ROOT).startsWith("each ")) {
            String kind = over.asText().substring(5).strip().toLowerCase(Locale.ROOT);
            if (!kind.equals("element") && !KINDS.contains(kind)) {
                throw Refusal.of("recipe.badFor");
            }
            List<ElementId> found = new ArrayList<>();
            for (Sheet sheet : job.sheets()) {
                sheet.elements().stream()
                        .flatMap(e -> kind.equals("element")
                                ? java.util.stream.Stream.of(e)
                                : rondel.job.GroupElement.everything(e)
                                        .filter(x -> x.kind().equals(kind)))
                        .map(Element::id)
                        .forEach(found::add);
            }
            Set<ElementId> outermost = Tree.outermost(job, found);
            return found.stream().filter(outermost::contains).toList();
        }
        Set<ElementId> all = new LinkedHashSet<>();
        if (over.isArray()) {
            over.forEach(one -> all.addAll(elements(one)));
        } else {
            all.addAll(elements(over));
        }
        return List.copyOf(all);
    }
}
