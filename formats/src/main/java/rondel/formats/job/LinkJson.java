package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Link;

/** What an element follows, as a field of its JSON. */
final class LinkJson {

    private LinkJson() {}

    static void write(ObjectNode o, Link link) {
        switch (link) {
            case Link.Alike alike -> o.put("alike", alike.set());
            case Link.Around around -> {
                ObjectNode a = o.putObject("around");
                ids(a.putArray("elements"), around.elements());
                a.set("halo", FiguresJson.halo(around.shape()));
                around.gap().ifPresent(gap -> a.put("gap", gap));
            }
            case Link.Filling filling -> {
                ObjectNode f =
                        o.putObject("filling").put("outline", filling.outline().value());
                ids(f.putArray("drawings"), filling.drawings());
                f.set("figures", FiguresJson.filling(filling.shape()));
            }
            case Link.Union union -> ids(o.putArray("unites"), union.elements());
            case Link.Copy copy -> {
                ObjectNode c = o.putObject("copy").put("of", copy.of().value());
                c.set("put", GeometryJson.affine(copy.put()));
            }
        }
    }

    static Optional<Link> read(JsonFields f) {
        Optional<Link> alike = f.optional("alike").map(n -> new Link.Alike(f.text("alike")));
        return alike.or(() -> f.optional("around").map(LinkJson::around))
                .or(() -> f.optional("filling").map(LinkJson::filling))
                .or(() -> f.optional("copy").map(LinkJson::copy))
                .or(() -> f.optional("unites").map(n -> new Link.Union(ids(f, "unites"))));
    }

    private static Link around(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Link.Around(ids(f, "elements"), FiguresJson.halo(f.node("halo")), f.optionalNumber("gap"));
    }

    private static Link filling(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Link.Filling(
                new ElementId(f.text("outline")), ids(f, "drawings"), FiguresJson.filling(f.node("figures")));
    }

    private static Link copy(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Link.Copy(new ElementId(f.text("of")), f.affine("put"));
    }

    private static void ids(ArrayNode into, List<ElementId> ids) {
        ids.forEach(id -> into.add(id.value()));
    }

    private static List<ElementId> ids(JsonFields f, String field) {
        List<ElementId> ids = new ArrayList<>();
        f.list(field).forEach(n -> ids.add(new ElementId(n.asText())));
        return ids;
    }
}
