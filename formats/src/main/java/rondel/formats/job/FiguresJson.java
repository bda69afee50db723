package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import rondel.geometry.Point;
import rondel.job.BackdropShape;
import rondel.job.FillingShape;
import rondel.job.HaloShape;
import rondel.job.TraceShape;

/** The figures of halos, traces and fillings as JSON. What is left out is as usual. */
final class FiguresJson {

    private FiguresJson() {}

    static ObjectNode halo(HaloShape h) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("distance", h.distance())
                .put("corners", Enums.word(h.corners()))
                .put("bridge", h.bridge())
                .put("smallest_hole", h.smallestHole())
                .put("smooth", h.smooth())
                .put("threshold", h.threshold());
    }

    /** What is left out is as in a usual halo. */
    static HaloShape halo(JsonNode node) {
        JsonFields f = new JsonFields(node);
        HaloShape usual = HaloShape.USUAL;
        return new HaloShape(
                f.length("distance", usual.distance()),
                f.optional("corners")
                        .map(n -> Enums.read(n, HaloShape.Corners.class, "corners"))
                        .orElse(usual.corners()),
                f.length("bridge", usual.bridge()),
                f.length("smallest_hole", usual.smallestHole()),
                f.length("smooth", usual.smooth()),
                f.number("threshold", usual.threshold()));
    }

    static ObjectNode trace(TraceShape t) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("colours", t.colours())
                .put("threshold", t.threshold())
                .put("speckle", t.speckle())
                .put("corner", t.corner())
                .put("smoothness", t.smoothness())
                .put("layering", Enums.word(t.layering()));
    }

    /** What is left out is as usual. */
    static TraceShape trace(JsonNode node) {
        JsonFields f = new JsonFields(node);
        TraceShape usual = TraceShape.USUAL;
        return new TraceShape(
                (int) f.number("colours", usual.colours()),
                f.number("threshold", usual.threshold()),
                (int) f.number("speckle", usual.speckle()),
                f.number("corner", usual.corner()),
                f.number("smoothness", usual.smoothness()),
                f.optional("layering")
                        .map(n -> Enums.read(n, TraceShape.Layering.class, "layering"))
                        .orElse(usual.layering()));
    }

    static ObjectNode filling(FillingShape s) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("from", s.from())
                .put("to", s.to())
                .put("turning", s.turning())
                .put("gap", s.gap())
                .put("mirrored", s.mirrored())
                .put("seed", s.seed())
                .put("rounds", s.rounds());
        s.count().ifPresent(n -> o.put("count", n));
        s.density().ifPresent(d -> o.put("density", d));
        return o;
    }

    static FillingShape filling(JsonNode node) {
        JsonFields f = new JsonFields(node);
        FillingShape usual = FillingShape.USUAL;
        return new FillingShape(
                f.length("from", usual.from()),
                f.length("to", usual.to()),
                f.optional("count").isPresent() ? OptionalInt.of((int) f.number("count")) : OptionalInt.empty(),
                f.optionalNumber("density"),
                f.number("turning", usual.turning()),
                f.length("gap", usual.gap()),
                f.flag("mirrored", usual.mirrored()),
                (long) f.number("seed", usual.seed()),
                (int) f.number("rounds", usual.rounds()));
    }

    static ObjectNode backdrop(BackdropShape b) {
        ObjectNode o = JsonNodeFactory.instance
                .objectNode()
                .put("tolerance", b.tolerance())
                .put("softness", b.softness())
                .put("pockets", b.pockets());
        if (!b.clicks().isEmpty()) {
            points(o.putArray("clicks"), b.clicks());
        }
        if (!b.strokes().isEmpty()) {
            ArrayNode strokes = o.putArray("strokes");
            b.strokes().forEach(s -> {
                ObjectNode stroke = strokes.addObject().put("keep", s.keep()).put("radius", s.radius());
                points(stroke.putArray("points"), s.points());
            });
        }
        return o;
    }

    static BackdropShape backdrop(JsonNode node) {
        JsonFields f = new JsonFields(node);
        BackdropShape usual = BackdropShape.USUAL;
        List<BackdropShape.Brush> strokes = new ArrayList<>();
        for (JsonNode n : f.listOrEmpty("strokes")) {
            JsonFields s = new JsonFields(n);
            strokes.add(new BackdropShape.Brush(s.flag("keep", false), s.number("radius"), points(s.list("points"))));
        }
        return new BackdropShape(
                f.number("tolerance", usual.tolerance()),
                f.number("softness", usual.softness()),
                f.flag("pockets", usual.pockets()),
                points(f.listOrEmpty("clicks")),
                strokes);
    }

    private static void points(ArrayNode into, List<Point> points) {
        points.forEach(p -> into.addArray().add(p.x()).add(p.y()));
    }

    private static List<Point> points(ArrayNode list) {
        List<Point> points = new ArrayList<>();
        for (JsonNode n : list) {
            if (!n.isArray() || n.size() != 2) {
                throw new BadJson("points", n.toString());
            }
            points.add(new Point(JsonFields.finite(n.get(0), "points"), JsonFields.finite(n.get(1), "points")));
        }
        return points;
    }
}
