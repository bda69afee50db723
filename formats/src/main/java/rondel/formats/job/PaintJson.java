package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.job.Paint;
import rondel.job.Rgba;
import rondel.job.Role;
import rondel.job.RoleRule;
import rondel.job.Stroke;

/** Paints and strokes as JSON: {@code "none"}, {@code "#1f6f6b"}, or an object with its kind. */
final class PaintJson {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    private PaintJson() {}

    static JsonNode write(Paint paint) {
        return switch (paint) {
            case Paint.None n -> JSON.textNode("none");
            case Paint.Solid s -> colour(s.colour());
            case Paint.Linear g -> {
                ObjectNode o = JSON.objectNode().put("kind", "linear");
                o.set("line", GeometryJson.numbers(g.x1(), g.y1(), g.x2(), g.y2()));
                yield gradient(o, g.stops(), g.spread(), GeometryJson.affine(g.placement()));
            }
            case Paint.Radial g -> {
                ObjectNode o = JSON.objectNode().put("kind", "radial");
                o.set("circle", GeometryJson.numbers(g.cx(), g.cy(), g.r()));
                o.set("focus", GeometryJson.numbers(g.fx(), g.fy()));
                yield gradient(o, g.stops(), g.spread(), GeometryJson.affine(g.placement()));
            }
            case Paint.Tiles t -> {
                ObjectNode o = JSON.objectNode().put("kind", "tiles");
                o.set("tile", GeometryJson.box(t.tile()));
                o.set("placement", GeometryJson.affine(t.placement()));
                ArrayNode content = o.putArray("content");
                t.content().forEach(e -> content.add(ElementJson.write(e)));
                yield o;
            }
        };
    }

    static Paint read(JsonNode node) {
        if (node.isTextual()) {
            return node.asText().equals("none") ? Paint.NONE : Paint.solid(colour(node));
        }
        JsonFields f = new JsonFields(node);
        return switch (f.text("kind")) {
            case "linear" -> {
                double[] l = f.numbers("line", 4);
                yield new Paint.Linear(l[0], l[1], l[2], l[3], stops(f), spread(f), f.affine("placement"));
            }
            case "radial" -> {
                double[] c = f.numbers("circle", 3);
                double[] focus = f.numbers("focus", 2);
                yield new Paint.Radial(
                        c[0], c[1], c[2], focus[0], focus[1], stops(f), spread(f), f.affine("placement"));
            }
            case "tiles" ->
                new Paint.Tiles(f.box("tile"), ElementJson.readAll(f.list("content")), f.affine("placement"));
            case String other -> throw new BadJson("kind", other);
        };
    }

    static ObjectNode stop(Paint.Stop s) {
        ObjectNode o = JsonNodeFactory.instance.objectNode().put("offset", s.offset());
        o.set("colour", colour(s.colour()));
        return o;
    }

    static Paint.Stop stop(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new Paint.Stop(f.number("offset"), colour(f.node("colour")));
    }

    private static ObjectNode gradient(ObjectNode o, List<Paint.Stop> stops, Paint.Spread spread, JsonNode placement) {
        ArrayNode list = o.putArray("stops");
        stops.forEach(s -> list.add(stop(s)));
        o.put("spread", Enums.word(spread));
        o.set("placement", placement);
        return o;
    }

    private static List<Paint.Stop> stops(JsonFields f) {
        List<Paint.Stop> stops = new ArrayList<>();
        f.list("stops").forEach(s -> stops.add(stop(s)));
        return List.copyOf(stops);
    }

    private static Paint.Spread spread(JsonFields f) {
        return f.choice("spread", Paint.Spread.class);
    }

    static JsonNode colour(Rgba colour) {
        return JSON.textNode(colour.hex());
    }

    static Rgba colour(JsonNode node) {
        String text = node.asText();
        if (!text.matches("#[0-9a-fA-F]{6}([0-9a-fA-F]{2})?")) {
            throw new BadJson("colour", text);
        }
        int rgb = Integer.parseInt(text.substring(1, 7), 16);
        int alpha = text.length() == 9 ? Integer.parseInt(text.substring(7), 16) : 255;
        return new Rgba(rgb >> 16, rgb >> 8 & 255, rgb & 255, alpha);
    }

    static JsonNode stroke(Stroke s) {
        ObjectNode o = JSON.objectNode();
        o.set("paint", write(s.paint()));
        o.put("width", s.width());
        o.put("cap", Enums.word(s.cap())).put("join", Enums.word(s.join())).put("miter_limit", s.miterLimit());
        if (!s.dashes().isEmpty()) {
            o.set(
                    "dashes",
                    GeometryJson.numbers(s.dashes().stream().mapToDouble(d -> d).toArray()));
            o.put("dash_offset", s.dashOffset());
        }
        return o;
    }

    static Stroke stroke(JsonNode node) {
        JsonFields f = new JsonFields(node);
        List<Double> dashes = new ArrayList<>();
        f.listOrEmpty("dashes").forEach(d -> dashes.add(JsonFields.finite(d, "dashes")));
        return new Stroke(
                read(f.node("paint")),
                f.length("width"),
                f.optional("cap")
                        .map(n -> Enums.read(n, Stroke.Cap.class, "cap"))
                        .orElse(Stroke.Cap.BUTT),
                f.optional("join")
                        .map(n -> Enums.read(n, Stroke.Join.class, "join"))
                        .orElse(Stroke.Join.MITER),
                f.optional("miter_limit")
                        .map(n -> JsonFields.finite(n, "miter_limit"))
                        .orElse(4.0),
                List.copyOf(dashes),
                f.optional("dash_offset")
                        .map(n -> JsonFields.finite(n, "dash_offset"))
                        .orElse(0.0));
    }

    static Optional<Stroke> optionalStroke(JsonFields f, String field) {
        return f.optional(field).map(PaintJson::stroke);
    }

    static ObjectNode roleRule(RoleRule rule) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        rule.colour().ifPresent(c -> o.set("colour", colour(c)));
        rule.dashed().ifPresent(d -> o.put("dashed", d));
        rule.width().ifPresent(w -> o.put("width", w));
        return o.put("role", Enums.word(rule.role()));
    }

    static RoleRule roleRule(JsonNode node) {
        JsonFields f = new JsonFields(node);
        return new RoleRule(
                f.optional("colour").map(PaintJson::colour),
                f.optional("dashed").map(JsonNode::asBoolean),
                f.optionalNumber("width"),
                f.choice("role", Role.class));
    }
}
