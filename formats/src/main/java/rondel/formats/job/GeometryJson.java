package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import rondel.formats.svg.PathText;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.Outline;

/** Numbers, boxes, maps and outlines as JSON; outlines are path data, every digit kept. */
final class GeometryJson {

    private GeometryJson() {}

    static ArrayNode numbers(double... values) {
        ArrayNode list = JsonNodeFactory.instance.arrayNode();
        for (double v : values) {
            list.add(v);
        }
        return list;
    }

    static ArrayNode affine(Affine a) {
        return numbers(a.a(), a.b(), a.c(), a.d(), a.e(), a.f());
    }

    static ArrayNode box(Box b) {
        return numbers(b.x(), b.y(), b.width(), b.height());
    }

    /** Four lengths: x, y, width and height, in mm or with a unit. */
    static Box box(JsonNode node, String field) {
        if (!node.isArray() || node.size() != 4) {
            throw new BadJson(field, node.toString());
        }
        double[] v = new double[4];
        for (int i = 0; i < 4; i++) {
            v[i] = JsonFields.length(node.get(i), field);
        }
        if (v[2] < 0 || v[3] < 0) {
            throw new BadJson(field, "negative size");
        }
        return new Box(v[0], v[1], v[2], v[3]);
    }

    static String outline(Outline outline) {
        return PathText.exact(outline);
    }

    static Outline outline(JsonNode node, String field) {
        try {
            return PathText.parse(node.asText());
        } catch (IllegalArgumentException e) {
            throw new BadJson(field, "not path data");
        }
    }
}
