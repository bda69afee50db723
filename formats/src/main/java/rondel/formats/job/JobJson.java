package rondel.formats.job;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import rondel.fields.LeftOut;
import rondel.gang.copies.CopiesFollow;
import rondel.gang.copies.DesignContents;
import rondel.geometry.Axis;
import rondel.geometry.Box;
import rondel.job.Clip;
import rondel.job.CopyContent;
import rondel.job.Design;
import rondel.job.Element;
import rondel.job.Guide;
import rondel.job.HandOffSet;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.job.NameList;
import rondel.job.PictureBounds;
import rondel.job.Plan;
import rondel.job.PlannedSheet;
import rondel.job.Rgba;
import rondel.job.RoleLook;
import rondel.job.RoleRule;
import rondel.job.RunSettings;
import rondel.job.Sheet;
import rondel.job.SheetId;
import rondel.job.Swatch;
import rondel.units.LengthUnit;

/** A job, without the bytes of its pictures, as the {@code job.json} of a job file. The schema is docs/job.schema.json. */
final class JobJson {

    private static final Set<String> JOB = fields(JobForm.class);
    private static final Set<String> SHEET = fields(SheetForm.class);
    private static final JobMapper MAPPER = JobMapper.ofJobs(MediaStore.inline());

    private JobJson() {}

    /** A job as the file has it. */
    private record JobForm(
            String format,
            String title,
            LengthUnit unit,
            @LeftOut("true") boolean linesScale,
            @LeftOut("[]") List<Swatch> palette,
            @LeftOut("[]") List<RoleRule> roleRules,
            @LeftOut("[]") List<RoleLook> roleLooks,
            @LeftOut("frame") PictureBounds picturesBy,
            @LeftOut("1") long nextNumber,
            List<JsonNode> sheets,
            @LeftOut("[]") List<Plan> plans,
            @LeftOut("[]") List<NameList> lists,
            RunSettings run,
            @LeftOut("[]") List<HandOffSet> handOff,
            @LeftOut("[]") List<KeptDesign> kept,

            @LeftOut("[]") @JsonInclude(JsonInclude.Include.ALWAYS)
            List<JsonNode> media) {}

    /** What copies show whose design is no longer in the job. */
    private record KeptDesign(Design of, Box box, Optional<Clip> clip, List<Element> elements) {}

    /** A sheet as the file has it. */
    private record SheetForm(
            SheetId id,
            @LeftOut("") String name,
            double widthMm,
            double heightMm,
            Optional<Rgba> paper,
            @LeftOut("0") double bleedMm,
            @LeftOut("0") double safeMarginMm,
            @LeftOut("[]") List<GuideForm> guides,

            @LeftOut("[]") @JsonInclude(JsonInclude.Include.ALWAYS)
            List<Element> elements,

            Optional<PlannedSheet> planned) {}

    /** A guide as the file has it. */
    private record GuideForm(Axis across, double atMm) {}

    private static Set<String> fields(Class<? extends Record> form) {
        return new HashSet<>(
                Stream.of(form.getRecordComponents()).map(Components::field).toList());
    }

    static ObjectNode write(Job job) {
        ObjectNode o = MAPPER.write(new JobForm(
                JobFormat.VERSION,
                job.title(),
                job.unit(),
                job.linesScale(),
                job.palette(),
                job.roleRules(),
                job.roleLooks(),
                job.picturesBy(),
                job.nextNumber(),
                job.sheets().stream().<JsonNode>map(JobJson::sheet).toList(),
                job.plans(),
                job.lists(),
                job.run(),
                job.handOff(),
                kept(job),
                job.media().values().stream()
                        .sorted(Comparator.comparing(m -> m.id().sha256()))
                        .<JsonNode>map(JobJson::media)
                        .toList()));
        ExtrasJson.write(o, job.extras());
        return o;
    }

    private static List<KeptDesign> kept(Job job) {
        return DesignContents.shownBy(job).entrySet().stream()
                .filter(e -> !DesignContents.isThere(job, e.getKey()))
                .sorted(Comparator.comparing(e -> e.getKey().toString()))
                .map(e -> new KeptDesign(
                        e.getKey(),
                        e.getValue().box(),
                        e.getValue().group().clip(),
                        e.getValue().group().children()))
                .toList();
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
        ObjectNode o = MAPPER.write(new SheetForm(
                s.id(),
                s.name(),
                s.width(),
                s.height(),
                s.paper(),
                s.bleed(),
                s.safeMargin(),
                s.guides().stream().map(g -> new GuideForm(g.across(), g.at())).toList(),
                s.elements(),
                s.planned()));
        ExtrasJson.write(o, s.extras());
        return o;
    }

    /** @param media the pictures by id; a picture that is listed but not there is left out */
    static Job read(JsonNode node, Map<MediaId, Media> media) {
        JobForm f = MAPPER.read(node, JobForm.class);
        List<Sheet> sheets = new ArrayList<>();
        f.sheets.forEach(s -> sheets.add(readSheet(s)));
        if (sheets.isEmpty()) {
            throw new BadJson("sheets", "empty");
        }
        Map<Design, CopyContent> known = new HashMap<>();
        f.kept.forEach(k -> known.put(k.of, new CopyContent(k.elements, k.clip, k.box)));
        Job job = new Job(
                f.title,
                f.unit,
                f.linesScale,
                f.palette,
                f.roleRules,
                f.roleLooks,
                f.picturesBy,
                sheets,
                f.plans,
                f.lists,
                f.run,
                f.handOff,
                media,
                f.nextNumber,
                ExtrasJson.read(node, JOB));
        return CopiesFollow.shown(job, known);
    }

    private static Sheet readSheet(JsonNode node) {
        SheetForm f = MAPPER.read(node, SheetForm.class);
        if (!(f.widthMm > 0 && f.heightMm > 0)) {
            throw new BadJson("width_mm", f.widthMm + " x " + f.heightMm);
        }
        return new Sheet(
                f.id,
                f.name,
                f.widthMm,
                f.heightMm,
                f.paper,
                f.bleedMm,
                f.safeMarginMm,
                f.guides.stream().map(g -> new Guide(g.across, g.atMm)).toList(),
                f.elements,
                f.planned,
                ExtrasJson.read(node, SHEET));
    }
}
