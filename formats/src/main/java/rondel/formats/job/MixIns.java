package rondel.formats.job;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.Arrays;
import java.util.List;
import rondel.geometry.shape.ArrowShape;
import rondel.geometry.shape.BalloonShape;
import rondel.geometry.shape.BannerShape;
import rondel.geometry.shape.BoxShape;
import rondel.geometry.shape.HeartShape;
import rondel.geometry.shape.LineShape;
import rondel.geometry.shape.OvalShape;
import rondel.geometry.shape.PlainShape;
import rondel.geometry.shape.PolygonShape;
import rondel.geometry.shape.PolylineShape;
import rondel.geometry.shape.RingShape;
import rondel.geometry.shape.StarShape;
import rondel.geometry.shape.TagShape;
import rondel.job.Design;
import rondel.job.ElementId;
import rondel.job.FillingSettings;
import rondel.job.HaloSettings;
import rondel.job.Link;
import rondel.job.SheetId;
import rondel.job.Way;

/** Where the file's words differ from the records'. */
final class MixIns {

    private MixIns() {}

    static void into(JsonMapper.Builder mapper) {
        mapper.addMixIn(PlainShape.class, ShapeKind.class)
                .addMixIn(Design.class, DesignKind.class)
                .addMixIn(Design.Whole.class, OneElement.class)
                .addMixIn(Design.Piece.class, OneOutline.class)
                .addMixIn(Design.Page.class, OneSheet.class)
                .addMixIn(Way.class, WayKind.class)
                .addMixIn(Link.class, OneField.class)
                .addMixIn(Link.Alike.class, Alike.class)
                .addMixIn(Link.Union.class, Union.class)
                .addMixIn(Link.Around.class, Around.class)
                .addMixIn(Link.Filling.class, Filling.class);
    }

    /** The field that one kind of design, or of way, stands in. */
    static String field(Class<?> type) {
        Class<?> choice = Design.class.isAssignableFrom(type) ? DesignKind.class : WayKind.class;
        return Arrays.stream(choice.getAnnotation(JsonSubTypes.class).value())
                .filter(t -> t.value() == type)
                .findFirst()
                .map(JsonSubTypes.Type::name)
                .orElseThrow();
    }

    /** A plain shape says its kind beside its figures. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = BoxShape.class, name = "box"),
        @JsonSubTypes.Type(value = OvalShape.class, name = "oval"),
        @JsonSubTypes.Type(value = LineShape.class, name = "line"),
        @JsonSubTypes.Type(value = PolylineShape.class, name = "polyline"),
        @JsonSubTypes.Type(value = PolygonShape.class, name = "polygon"),
        @JsonSubTypes.Type(value = StarShape.class, name = "star"),
        @JsonSubTypes.Type(value = HeartShape.class, name = "heart"),
        @JsonSubTypes.Type(value = TagShape.class, name = "tag"),
        @JsonSubTypes.Type(value = BannerShape.class, name = "banner"),
        @JsonSubTypes.Type(value = ArrowShape.class, name = "arrow"),
        @JsonSubTypes.Type(value = RingShape.class, name = "ring"),
        @JsonSubTypes.Type(value = BalloonShape.class, name = "balloon")
    })
    private interface ShapeKind {}

    /** A link is an object with one field that says which it is. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, include = JsonTypeInfo.As.WRAPPER_OBJECT)
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Link.Alike.class, name = "alike"),
        @JsonSubTypes.Type(value = Link.Around.class, name = "around"),
        @JsonSubTypes.Type(value = Link.Filling.class, name = "filling"),
        @JsonSubTypes.Type(value = Link.Copy.class, name = "copy"),
        @JsonSubTypes.Type(value = Link.Union.class, name = "unites")
    })
    private interface OneField {}

    /** A design is an object with one field that says what it is. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, include = JsonTypeInfo.As.WRAPPER_OBJECT)
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Design.Whole.class, name = "element"),
        @JsonSubTypes.Type(value = Design.Piece.class, name = "piece"),
        @JsonSubTypes.Type(value = Design.Page.class, name = "sheet"),
        @JsonSubTypes.Type(value = Design.Flat.class, name = "flat"),
        @JsonSubTypes.Type(value = Design.Row.class, name = "row"),
        @JsonSubTypes.Type(value = Design.InRows.class, name = "in_rows")
    })
    private interface DesignKind {}

    /** A way to lay out is an object with one field that says which. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, include = JsonTypeInfo.As.WRAPPER_OBJECT)
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Way.Rows.class, name = "rows"),
        @JsonSubTypes.Type(value = Way.Nest.class, name = "nest")
    })
    private interface WayKind {}

    private abstract static class OneElement {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        OneElement(ElementId element) {}

        @JsonValue
        abstract ElementId element();
    }

    private abstract static class OneOutline {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        OneOutline(ElementId outline) {}

        @JsonValue
        abstract ElementId outline();
    }

    private abstract static class OneSheet {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        OneSheet(SheetId sheet) {}

        @JsonValue
        abstract SheetId sheet();
    }

    private abstract static class Alike {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Alike(String set) {}

        @JsonValue
        abstract String set();
    }

    private abstract static class Union {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        Union(List<ElementId> elements) {}

        @JsonValue
        abstract List<ElementId> elements();
    }

    private interface Around {
        @JsonProperty("halo")
        HaloSettings settings();
    }

    private interface Filling {
        @JsonProperty("figures")
        FillingSettings settings();
    }
}
