package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.geometry.Axis;
import rondel.job.Guide;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.Rgba;
import rondel.job.RoleRule;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Swatch;
import rondel.units.LengthUnit;

/** A job, without the bytes of its pictures, as the {@code job.json} of a job file. The schema is docs/job.schema.json. */
final class JobJson {

    private static final Set<String> JOB =
            Set.of("format", "title", "unit", "lines_scale", "palette", "role_rules", "sheets", "media", "next_number");
    private static final Set<String> SHEET =
            Set.of("id", "name", "width_mm", "height_mm", "paper", "bleed_mm", "safe_margin_mm", "guides", "elements");

    private JobJson() {}

    static ObjectNode write(Job job) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("format", JobFormat.VERSION);
        o.put("title", job.title());
        o.put("unit", job.unit().symbol());
        if (!job.linesScale()) {
            o.put("lines_scale", false);
        }
        if (!job.palette().isEmpty()) {
            ArrayNode palette = o.putArray("palette");
            job.palette()
                    .forEach(
                            s -> palette.addObject().put("name", s.name()).set("colour", PaintJson.colour(s.colour())));
        }
        if (!job.roleRules().isEmpty()) {
            ArrayNode rules = o.putArray("role_rules");
            job.roleRules().forEach(r -> rules.add(PaintJson.roleRule(r)));
        }
        o.put("next_number", job.nextNumber());
        ArrayNode sheets = o.putArray("sheets");
        job.sheets().forEach(s -> sheets.add(sheet(s)));
        ArrayNode media = o.putArray("media");
        job.media().values().stream()
                .sorted(java.util.Comparator.comparing(m -> m.id().sha256()))
                .forEach(m -> media.add(media(m)));
        ExtrasJson.write(o, job.extras());
        return o;
    }

    static ObjectNode media(Media m) {
        return JsonNodeFactory.instance
                .objectNode()
                .put("sha256", m.id().sha256())
                .put("extension", m.extension())
                .put("width_px", m.width())
                .put("height_px", m.height())
                .put("orientation", m.orientation());
    }

    private static ObjectNode sheet(Sheet s) {
        ObjectNode o = JsonNodeFactory.instance.objectNode();
        o.put("id", s.id().value()).put("name", s.name());
        o.put("width_mm", s.width()).put("height_mm", s.height());
        s.paper().ifPresent(c -> o.set("paper", PaintJson.colour(c)));
        o.put("bleed_mm", s.bleed()).put("safe_margin_mm", s.safeMargin());
        if (!s.guides().isEmpty()) {
            ArrayNode guides = o.putArray("guides");
            s.guides().forEach(g -> guides.addObject()
                    .put("across", Enums.word(g.across()))
                    .put("at_mm", g.at()));
        }
        ArrayNode elements = o.putArray("elements");
        s.elements().forEach(e -> elements.add(ElementJson.write(e)));
        ExtrasJson.write(o, s.extras());
        return o;
    }

    /** @param media the pictures by id; a picture that is listed but not there is left out */
    static Job read(JsonNode node, Map<MediaId, Media> media) {
        JsonFields f = new JsonFields(node);
        List<Sheet> sheets = new ArrayList<>();
        f.list("sheets").forEach(s -> sheets.add(readSheet(new JsonFields(s))));
        if (sheets.isEmpty()) {
            throw new BadJson("sheets", "empty");
        }
        LengthUnit unit = LengthUnit.ofSymbol(f.text("unit")).orElseThrow(() -> new BadJson("unit", f.text("unit")));
        return new Job(
                f.text("title"),
                unit,
                f.flag("lines_scale", true),
                palette(f),
                roleRules(f),
                sheets,
                media,
                (long) f.number("next_number", 1),
                f.extras(JOB));
    }

    private static List<Swatch> palette(JsonFields f) {
        List<Swatch> palette = new ArrayList<>();
        f.listOrEmpty("palette").forEach(n -> {
            JsonFields s = new JsonFields(n);
            palette.add(new Swatch(s.text("name", ""), PaintJson.colour(s.node("colour"))));
        });
        return palette;
    }

    private static List<RoleRule> roleRules(JsonFields f) {
        List<RoleRule> rules = new ArrayList<>();
        f.listOrEmpty("role_rules").forEach(n -> rules.add(PaintJson.roleRule(n)));
        return rules;
    }

    private static List<Guide> guides(JsonFields f) {
        List<Guide> guides = new ArrayList<>();
        f.listOrEmpty("guides").forEach(n -> {
            JsonFields g = new JsonFields(n);
            guides.add(new Guide(g.choice("across", Axis.class), g.number("at_mm")));
        });
        return guides;
    }

    private static Sheet readSheet(JsonFields f) {
        double width = f.number("width_mm");
        double height = f.number("height_mm");
        if (!(width > 0 && height > 0)) {
            throw new BadJson("width_mm", width + " x " + height);
        }
        Optional<Rgba> paper = f.optional("paper").map(PaintJson::colour);
        return new Sheet(
                new SheetId(f.text("id")),
                f.text("name", ""),
                width,
                height,
                paper,
                f.number("bleed_mm", 0),
                f.number("safe_margin_mm", 0),
                guides(f),
                ElementJson.readAll(f.listOrEmpty("elements")),
                f.extras(SHEET));
    }
}
