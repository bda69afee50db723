package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import rondel.geometry.Box;
import rondel.geometry.Outline;
import rondel.job.BackdropShape;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.FillingShape;
import rondel.job.HaloShape;
import rondel.job.Lettering;
import rondel.job.Media;
import rondel.job.Paint;
import rondel.job.Provenance;
import rondel.job.Rgba;
import rondel.job.RoleRule;
import rondel.job.Shadow;
import rondel.job.SheetId;
import rondel.job.Stroke;
import rondel.job.TraceShape;
import rondel.operation.Operation;
import rondel.units.LengthUnit;

/** The values of an operation's fields as JSON, by their types: ids, choices, paints, elements, lettering and the like. */
final class OperationValues {

    private final MediaStore media;
    private final OperationJson operations;

    /** @param operations for the steps of an operation that is made of others */
    OperationValues(MediaStore media, OperationJson operations) {
        this.media = media;
        this.operations = operations;
    }

    static String word(Enum<?> value) {
        return value instanceof LengthUnit unit ? unit.symbol() : Enums.word(value);
    }

    JsonNode json(Object value) {
        JsonNodeFactory json = JsonNodeFactory.instance;
        return switch (value) {
            case Double d -> json.numberNode(d);
            case Integer i -> json.numberNode(i);
            case Operation o -> operations.write(o);
            case OptionalDouble d -> json.numberNode(d.getAsDouble());
            case Boolean b -> json.booleanNode(b);
            case String s -> json.textNode(s);
            case ElementId id -> json.textNode(id.value());
            case SheetId id -> json.textNode(id.value());
            case Enum<?> e -> json.textNode(word(e));
            case Paint p -> PaintJson.write(p);
            case Rgba c -> PaintJson.colour(c);
            case Stroke s -> PaintJson.stroke(s);
            case Shadow s -> ElementJson.shadow(s);
            case TraceShape t -> FiguresJson.trace(t);
            case BackdropShape b -> FiguresJson.backdrop(b);
            case FillingShape s -> FiguresJson.filling(s);
            case HaloShape h -> FiguresJson.halo(h);
            case RoleRule r -> PaintJson.roleRule(r);
            case Provenance p -> ElementJson.provenance(p);
            case Box b -> GeometryJson.box(b);
            case Outline outline -> json.textNode(GeometryJson.outline(outline));
            case Lettering l -> {
                ObjectNode o = json.objectNode();
                LetteringJson.write(o, l);
                yield o;
            }
            case Paint.Stop s -> PaintJson.stop(s);
            case Element e -> ElementJson.write(e);
            case Media m -> media.write(m);
            case Optional<?> o -> json(o.orElseThrow());
            case List<?> list -> {
                ArrayNode array = json.arrayNode();
                list.forEach(v -> array.add(json(v)));
                yield array;
            }
            default -> throw new IllegalStateException("no JSON for " + value.getClass());
        };
    }

    Object one(JsonNode node, Class<?> type, String field) {
        if (type == boolean.class) {
            return node.asBoolean();
        }
        if (type == Operation.class) {
            return operations.read(node);
        }
        if (type == Element.class) {
            return ElementJson.read(node);
        }
        if (type == Media.class) {
            return media.read(node);
        }
        if (type == Paint.class) {
            return PaintJson.read(node);
        }
        if (type == Paint.Stop.class) {
            return PaintJson.stop(node);
        }
        if (type == Lettering.class) {
            return LetteringJson.read(new JsonFields(node));
        }
        if (type == Outline.class) {
            return GeometryJson.outline(node, field);
        }
        if (type == Shadow.class) {
            return ElementJson.shadow(node);
        }
        if (type == TraceShape.class) {
            return FiguresJson.trace(node);
        }
        if (type == BackdropShape.class) {
            return FiguresJson.backdrop(node);
        }
        if (type == FillingShape.class) {
            return FiguresJson.filling(node);
        }
        if (type == HaloShape.class) {
            return FiguresJson.halo(node);
        }
        if (type == RoleRule.class) {
            return PaintJson.roleRule(node);
        }
        if (type == Provenance.class) {
            return ElementJson.provenance(node);
        }
        if (type == Box.class) {
            return GeometryJson.box(node, field);
        }
        if (type == Stroke.class) {
            return PaintJson.stroke(node);
        }
        if (!node.isTextual()) {
            throw new BadJson(field, node.toString());
        }
        if (type == String.class) {
            return node.asText();
        }
        if (type == ElementId.class) {
            return new ElementId(node.asText());
        }
        if (type == SheetId.class) {
            return new SheetId(node.asText());
        }
        if (type == Rgba.class) {
            return PaintJson.colour(node);
        }
        if (type == LengthUnit.class) {
            return LengthUnit.ofSymbol(node.asText()).orElseThrow(() -> new BadJson(field, node.asText()));
        }
        for (Object choice : type.getEnumConstants()) {
            if (word((Enum<?>) choice).equals(node.asText())) {
                return choice;
            }
        }
        throw new BadJson(field, node.asText());
    }
}
