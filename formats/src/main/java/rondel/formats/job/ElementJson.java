package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import rondel.geometry.Affine;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.job.Cleared;
import rondel.job.Clip;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Licence;
import rondel.job.Mask;
import rondel.job.MediaId;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.Provenance;
import rondel.job.Role;
import rondel.job.Shadow;
import rondel.job.ShapeElement;
import rondel.job.TextElement;
import rondel.job.Traits;

/** Elements as JSON. What is usual (visible, unlocked, printed, opaque) is not written. */
final class ElementJson {

    private static final int DEEPEST = 1000;
    private static final Set<String> KNOWN = Set.of(
            "kind",
            "id",
            "name",
            "placement",
            "role",
            "locked",
            "hidden",
            "opacity",
            "pinned",
            "shadow",
            "alike",
            "around",
            "filling",
            "unites",
            "cleared",
            "copy",
            "provenance",
            "window",
            "outline",
            "rule",
            "fill",
            "stroke",
            "media",
            "frame",
            "content",
            "font",
            "size",
            "tracking",
            "align",
            "line_spacing",
            "features",
            "path",
            "letters",
            "children",
            "clip",
            "mask");

    private ElementJson() {}

    static ObjectNode write(Element e) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        traits(o, e);
        switch (e) {
            case ShapeElement s -> {
                o.put("outline", GeometryJson.outline(s.outline()));
                o.put("rule", Enums.word(s.rule()));
                o.set("fill", PaintJson.write(s.fill()));
                s.stroke().ifPresent(k -> o.set("stroke", PaintJson.stroke(k)));
            }
            case TextElement t -> {
                LetteringJson.write(o, t.lettering());
                o.put("outline", GeometryJson.outline(t.outline()));
                o.set("fill", PaintJson.write(t.fill()));
                t.stroke().ifPresent(k -> o.set("stroke", PaintJson.stroke(k)));
            }
            case PictureElement p -> {
                o.put("media", p.media().sha256());
                o.set("frame", GeometryJson.box(p.frame()));
                p.cleared().ifPresent(c -> o.putObject("cleared")
                        .put("whole", c.whole().sha256())
                        .set("how", FiguresJson.backdrop(c.how())));
            }
            case GroupElement g -> {
                g.clip().ifPresent(c -> clip(o.putObject("clip"), c));
                g.window().ifPresent(f -> o.put("window", Enums.word(f)));
                g.mask().ifPresent(m -> mask(o.putObject("mask"), m));
                ArrayNode children = o.putArray("children");
                g.children().forEach(c -> children.add(write(c)));
            }
        }
        ExtrasJson.write(o, e.traits().extras());
        return o;
    }

    private static void traits(ObjectNode o, Element e) {
        o.put("kind", e.kind());
        if (!e.id().equals(Traits.UNPLACED)) {
            o.put("id", e.id().value());
        }
        if (!e.name().isEmpty()) {
            o.put("name", e.name());
        }
        if (!e.placement().equals(Affine.IDENTITY)) {
            o.set("placement", GeometryJson.affine(e.placement()));
        }
        if (e.role() != Role.PRINT) {
            o.put("role", Enums.word(e.role()));
        }
        if (e.locked()) {
            o.put("locked", true);
        }
        if (e.hidden()) {
            o.put("hidden", true);
        }
        if (e.pinned()) {
            o.put("pinned", true);
        }
        e.traits().shadow().ifPresent(s -> o.set("shadow", shadow(s)));
        e.traits().link().ifPresent(l -> LinkJson.write(o, l));
        e.traits().provenance().ifPresent(p -> o.set("provenance", provenance(p)));
        if (e.opacity() != 1) {
            o.put("opacity", e.opacity());
        }
    }

    private static void clip(ObjectNode o, Clip c) {
        o.put("outline", GeometryJson.outline(c.outline())).put("rule", Enums.word(c.rule()));
        c.from().ifPresent(e -> o.set("from", write(e)));
    }

    static ObjectNode provenance(Provenance p) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("source", p.source())
                .put("author", p.author())
                .put("licence", Enums.word(p.licence()));
    }

    static Provenance provenance(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Provenance(f.text("source", ""), f.text("author", ""), f.choice("licence", Licence.class));
    }

    static ObjectNode shadow(Shadow s) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("distance", s.distance()).put("angle", s.angle()).put("softness", s.softness());
        o.set("colour", PaintJson.colour(s.colour()));
        return o;
    }

    static Shadow shadow(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Shadow(
                f.length("distance"), f.number("angle"), f.length("softness"), PaintJson.colour(f.node("colour")));
    }

    private static void mask(ObjectNode o, Mask m) {
        o.put("kind", Enums.word(m.kind())).set("area", GeometryJson.box(m.area()));
        ArrayNode content = o.putArray("content");
        m.content().forEach(c -> content.add(write(c)));
    }

    static List<Element> readAll(ArrayNode list) {
        return readAll(list, 0);
    }

    static Element read(JsonNode node) {
        return read(node, 0);
    }

    private static List<Element> readAll(ArrayNode list, int depth) {
        List<Element> elements = new ArrayList<>(list.size());
        list.forEach(n -> elements.add(read(n, depth)));
        return List.copyOf(elements);
    }

    private static Element read(JsonNode node, int depth) {
        if (depth > DEEPEST) {
            throw new BadJson("children", "nested too deep");
        }
        JsonFields f = new JsonFields(node);
        Traits traits = new Traits(
                new ElementId(f.text("id", "")),
                f.text("name", ""),
                f.affine("placement"),
                f.optional("role").map(n -> Enums.read(n, Role.class, "role")).orElse(Role.PRINT),
                f.flag("locked", false),
                f.flag("hidden", false),
                f.number("opacity", 1),
                f.flag("pinned", false),
                f.optional("shadow").map(ElementJson::shadow),
                LinkJson.read(f),
                f.optional("provenance").map(ElementJson::provenance),
                f.extras(KNOWN));
        return switch (f.text("kind")) {
            case "shape" ->
                new ShapeElement(traits, outline(f), rule(f), fill(f), PaintJson.optionalStroke(f, "stroke"));
            case "text" -> text(traits, f);
            case "picture" ->
                new PictureElement(
                        traits,
                        new MediaId(f.text("media")),
                        f.box("frame"),
                        f.optional("cleared").map(ElementJson::cleared));
            case "group", "window", "try-out" ->
                new GroupElement(
                        traits,
                        readAll(f.listOrEmpty("children"), depth + 1),
                        f.optional("clip").map(JsonFields::new).map(c -> readClip(c, depth + 1)),
                        f.optional("mask").map(JsonFields::new).map(m -> readMask(m, depth + 1)),
                        use(f));
            case String other -> throw new BadJson("kind", other);
        };
    }

    private static Cleared cleared(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Cleared(new MediaId(f.text("whole")), FiguresJson.backdrop(f.node("how")));
    }

    private static TextElement text(Traits traits, JsonFields f) {
        return new TextElement(
                traits, LetteringJson.read(f), outline(f), fill(f), PaintJson.optionalStroke(f, "stroke"));
    }

    private static GroupUse use(JsonFields f) {
        return switch (f.text("kind")) {
            case "window" -> new GroupUse.Window(Enums.read(f.node("window"), Fit.class, "window"));
            case "try-out" -> GroupUse.TRY_OUT;
            default -> GroupUse.TOGETHER;
        };
    }

    private static Clip readClip(JsonFields c, int depth) {
        return new Clip(outline(c), rule(c), c.optional("from").map(n -> read(n, depth)));
    }

    private static Mask readMask(JsonFields m, int depth) {
        return new Mask(readAll(m.list("content"), depth), m.box("area"), m.choice("kind", Mask.Kind.class));
    }

    private static Outline outline(JsonFields f) {
        return GeometryJson.outline(f.node("outline"), "outline");
    }

    private static FillRule rule(JsonFields f) {
        return f.optional("rule")
                .map(n -> Enums.read(n, FillRule.class, "rule"))
                .orElse(FillRule.NON_ZERO);
    }

    private static Paint fill(JsonFields f) {
        return f.optional("fill").map(PaintJson::read).orElse(Paint.NONE);
    }
}
