package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rondel.fields.LeftOut;
import rondel.geometry.Affine;
import rondel.geometry.Box;
import rondel.geometry.FillRule;
import rondel.geometry.Outline;
import rondel.geometry.shape.PlainShape;
import rondel.job.Cleared;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.CopyElement;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.Extras;
import rondel.job.Fit;
import rondel.job.GroupElement;
import rondel.job.GroupUse;
import rondel.job.Lettering;
import rondel.job.Link;
import rondel.job.Mask;
import rondel.job.MediaId;
import rondel.job.Paint;
import rondel.job.PictureElement;
import rondel.job.PlanId;
import rondel.job.PlannedPlace;
import rondel.job.Provenance;
import rondel.job.Role;
import rondel.job.Shadow;
import rondel.job.ShapeElement;
import rondel.job.StitchSettings;
import rondel.job.Stroke;
import rondel.job.TextElement;
import rondel.job.Traits;

/** Elements as JSON: the fields of the kind, of its traits, its lettering and its link side by side in one object. Traits
 *  that are as usual (visible, unlocked, printed, opaque) are not written. */
final class ElementJson {

    /** The fields that say what an element follows, each for one kind of link. */
    private static final List<String> LINKS = List.of("alike", "around", "filling", "copy", "unites");

    private static final Set<String> KNOWN = known();

    private final JobMapper mapper;
    private final ObjectNode usual;

    ElementJson(JobMapper mapper) {
        this.mapper = mapper;
        this.usual = mapper.write(TraitsForm.of(Traits.named("")));
    }

    /** Traits as the file has them, but for links and fields of later versions, which stand beside them. */
    private record TraitsForm(
            @LeftOut("") ElementId id,
            @LeftOut("") String name,
            @LeftOut("[1,0,0,1,0,0]") Affine placement,
            @LeftOut("print") Role role,
            boolean locked,
            boolean hidden,
            boolean pinned,
            Optional<Shadow> shadow,
            Optional<Provenance> provenance,
            Optional<StitchSettings> stitch,
            @LeftOut("1") double opacity) {

        private static TraitsForm of(Traits t) {
            return new TraitsForm(
                    t.id(),
                    t.name(),
                    t.placement(),
                    t.role(),
                    t.locked(),
                    t.hidden(),
                    t.pinned(),
                    t.shadow(),
                    t.provenance(),
                    t.stitch(),
                    t.opacity());
        }

        private Traits traits(Optional<Link> link, Extras extras) {
            return new Traits(
                    id,
                    name,
                    placement,
                    role,
                    locked,
                    hidden,
                    opacity,
                    pinned,
                    shadow,
                    link,
                    provenance,
                    stitch,
                    extras);
        }
    }

    private static Set<String> known() {
        Set<String> all = new LinkedHashSet<>(LINKS);
        all.addAll(List.of("kind", "window", "plan", "of", "planned"));
        Stream.of(
                        TraitsForm.class,
                        ShapeElement.class,
                        TextElement.class,
                        Lettering.class,
                        PictureElement.class,
                        GroupElement.class)
                .flatMap(c -> Stream.of(c.getRecordComponents()))
                .map(Components::field)
                .forEach(all::add);
        all.removeAll(List.of("traits", "lettering", "use"));
        return Set.copyOf(all);
    }

    ObjectNode write(Element e) {
        ObjectNode o = JsonNodeFactory.instance.objectNode().put("kind", e.kind());
        mapper.<ObjectNode>write(TraitsForm.of(e.traits())).properties().forEach(field -> {
            if (!field.getValue().equals(usual.get(field.getKey()))) {
                o.set(field.getKey(), field.getValue());
            }
        });
        e.traits().link().ifPresent(link -> o.setAll(mapper.<ObjectNode>write(link)));
        switch (e) {
            case ShapeElement s -> {
                if (s.plain().isPresent()) {
                    o.set("plain", mapper.write(s.plain().get()));
                } else {
                    o.set("outline", mapper.write(s.outline()));
                    o.set("rule", mapper.write(s.rule()));
                }
                o.set("fill", mapper.write(s.fill()));
                optional(o, "stroke", s.stroke());
            }
            case TextElement t -> {
                o.setAll(mapper.<ObjectNode>write(t.lettering()));
                o.set("outline", mapper.write(t.outline()));
                o.set("fill", mapper.write(t.fill()));
                optional(o, "stroke", t.stroke());
            }
            case CopyElement c -> {
                o.set("of", mapper.write(c.of()));
                c.planned().ifPresent(p -> o.set("planned", planned(c, p)));
            }
            case PictureElement p -> {
                o.set("media", mapper.write(p.media()));
                o.set("frame", mapper.write(p.frame()));
                optional(o, "cleared", p.cleared());
                optional(o, "seen", p.seen());
            }
            case GroupElement g -> {
                optional(o, "clip", g.clip());
                if (g.use() instanceof GroupUse.Added a) {
                    o.set("plan", mapper.write(a.plan()));
                }
                g.slot().ifPresent(fit -> o.set("window", mapper.write(fit)));
                optional(o, "mask", g.mask());
                ArrayNode children = o.putArray("children");
                g.children().forEach(c -> children.add(write(c)));
            }
        }
        ExtrasJson.write(o, e.traits().extras());
        return o;
    }

    /** Where a plan has put a copy; what is as the copy is now is not said again. */
    private ObjectNode planned(CopyElement c, PlannedPlace p) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.set("plan", mapper.write(p.plan()));
        o.put("index", p.index());
        if (!p.put().equals(c.placement())) {
            o.set("put", mapper.write(p.put()));
        }
        if (!p.of().equals(c.of())) {
            o.set("of", mapper.write(p.of()));
        }
        return o;
    }

    /** A copy as the file has it, which shows nothing yet: what it shows is its design's. */
    private CopyElement copy(JsonNode node, Traits traits) {
        Design of = field(node, "of", Design.class);
        JsonNode planned = node.path("planned");
        Optional<PlannedPlace> place = planned.isObject()
                ? Optional.of(new PlannedPlace(
                        field(planned, "plan", PlanId.class),
                        field(planned, "index", Integer.class),
                        optional(planned, "put", Affine.class).orElse(traits.placement()),
                        optional(planned, "of", Design.class).orElse(of)))
                : Optional.empty();
        return new CopyElement(traits, of, CopyContent.NOTHING, place);
    }

    private void optional(ObjectNode o, String field, Optional<?> value) {
        value.ifPresent(v -> o.set(field, mapper.write(v)));
    }

    Element read(JsonNode node) {
        return read(node, 0);
    }

    private Element read(JsonNode node, int depth) {
        if (depth >= GroupElement.DEEPEST) {
            throw new BadJson("children", "nested too deep");
        }
        Traits traits = mapper.read(node, TraitsForm.class).traits(link(node), ExtrasJson.read(node, KNOWN));
        return switch (node.path("kind").asText()) {
            case "shape" -> {
                Paint fill = optional(node, "fill", Paint.class).orElse(Paint.NONE);
                Optional<Stroke> stroke = optional(node, "stroke", Stroke.class);
                Optional<PlainShape> plain = optional(node, "plain", PlainShape.class);
                yield plain.isPresent()
                        ? ShapeElement.of(traits, plain.get(), fill, stroke)
                        : new ShapeElement(
                                traits,
                                field(node, "outline", Outline.class),
                                optional(node, "rule", FillRule.class).orElse(FillRule.NON_ZERO),
                                fill,
                                stroke);
            }
            case "text" ->
                new TextElement(
                        traits,
                        mapper.read(node, Lettering.class),
                        field(node, "outline", Outline.class),
                        optional(node, "fill", Paint.class).orElse(Paint.NONE),
                        optional(node, "stroke", Stroke.class));
            case "picture" ->
                new PictureElement(
                        traits,
                        field(node, "media", MediaId.class),
                        field(node, "frame", Box.class),
                        optional(node, "cleared", Cleared.class),
                        optional(node, "seen", Box.class));
            case "copy" -> copy(node, traits);
            case "group", "window", "try-out", "marks" -> {
                List<Element> children = new ArrayList<>();
                node.path("children").forEach(c -> children.add(read(c, depth + 1)));
                yield new GroupElement(
                        traits,
                        children,
                        optional(node, "clip", Clip.class),
                        optional(node, "mask", Mask.class),
                        use(node));
            }
            case String other -> throw new BadJson("kind", other);
        };
    }

    private Optional<Link> link(JsonNode node) {
        return LINKS.stream()
                .filter(node::hasNonNull)
                .findFirst()
                .map(name -> JsonNodeFactory.instance.objectNode().<ObjectNode>set(name, node.get(name)))
                .map(one -> mapper.read(one, Link.class));
    }

    private GroupUse use(JsonNode node) {
        return switch (node.path("kind").asText()) {
            case "window" -> new GroupUse.Slot(field(node, "window", Fit.class));
            case "try-out" -> GroupUse.TRY_OUT;
            case "marks" -> new GroupUse.Added(field(node, "plan", PlanId.class));
            default -> GroupUse.TOGETHER;
        };
    }

    private <T> T field(JsonNode node, String name, Class<T> type) {
        return optional(node, name, type).orElseThrow(() -> new BadJson(name, "missing"));
    }

    private <T> Optional<T> optional(JsonNode node, String name, Class<T> type) {
        return node.hasNonNull(name) ? Optional.of(mapper.field(node, name, type)) : Optional.empty();
    }
}
