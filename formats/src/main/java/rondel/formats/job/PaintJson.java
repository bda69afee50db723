package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.List;
import rondel.fields.LeftOut;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.job.Element;
import rondel.job.Paint;
import rondel.job.Rgba;

/** Paints as JSON: {@code "none"}, {@code "#1f6f6b"}, or an object with its kind. */
final class PaintJson {

    private final JobMapper mapper;

    PaintJson(JobMapper mapper) {
        this.mapper = mapper;
    }

    JsonNode write(Paint paint) {
        return switch (paint) {
            case Paint.None n -> TextNode.valueOf("none");
            case Paint.Solid s -> mapper.write(s.colour());
            case Paint.Linear g ->
                kind("linear", new Line(List.of(g.x1(), g.y1(), g.x2(), g.y2()), g.stops(), g.spread(), g.placement()));
            case Paint.Radial g ->
                kind(
                        "radial",
                        new Circle(
                                List.of(g.cx(), g.cy(), g.r()),
                                List.of(g.fx(), g.fy()),
                                g.stops(),
                                g.spread(),
                                g.placement()));
            case Paint.Tiles t -> kind("tiles", new Tiles(t.tile(), t.placement(), t.content()));
        };
    }

    Paint read(JsonNode node) {
        if (node.isTextual()) {
            return node.asText().equals("none") ? Paint.NONE : Paint.solid(mapper.read(node, Rgba.class));
        }
        return switch (node.path("kind").asText()) {
            case "linear" -> {
                Line g = mapper.read(node, Line.class);
                double[] l = numbers(g.line, 4, "line");
                yield new Paint.Linear(l[0], l[1], l[2], l[3], List.copyOf(g.stops), g.spread, g.placement);
            }
            case "radial" -> {
                Circle g = mapper.read(node, Circle.class);
                double[] c = numbers(g.circle, 3, "circle");
                double[] f = numbers(g.focus, 2, "focus");
                yield new Paint.Radial(c[0], c[1], c[2], f[0], f[1], List.copyOf(g.stops), g.spread, g.placement);
            }
            case "tiles" -> {
                Tiles t = mapper.read(node, Tiles.class);
                yield new Paint.Tiles(t.tile, List.copyOf(t.content), t.placement);
            }
            case String other -> throw new BadJson("kind", other);
        };
    }

    private ObjectNode kind(String kind, Record form) {
        return JsonNodeFactory.instance.objectNode().put("kind", kind).setAll(mapper.<ObjectNode>write(form));
    }

    private static double[] numbers(List<Double> given, int count, String field) {
        if (given.size() != count) {
            throw new BadJson(field, given.toString());
        }
        return given.stream().mapToDouble(d -> d).toArray();
    }

    /** A gradient along a line, as the file has it. */
    private record Line(
            List<Double> line,
            List<Paint.Stop> stops,
            Paint.Spread spread,
            @LeftOut("[1,0,0,1,0,0]") Affine placement) {}

    /** A gradient out from a focus, as the file has it. */
    private record Circle(
            List<Double> circle,
            List<Double> focus,
            List<Paint.Stop> stops,
            Paint.Spread spread,
            @LeftOut("[1,0,0,1,0,0]") Affine placement) {}

    /** Tiles, as the file has them. */
    private record Tiles(Box tile, @LeftOut("[1,0,0,1,0,0]") Affine placement, List<Element> content) {}
}
