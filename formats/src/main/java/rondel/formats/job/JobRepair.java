package rondel.formats.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import rondel.formats.picture.PictureReader;
import rondel.job.Element;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.words.Refusal;
import rondel.words.Words;

/** Gets out of a damaged job file what can be got out: parts of a zip whose directory is gone, JSON as far as it goes, elements that can be read,
 *  pictures that are whole. What is left out is said. The file itself is only read. */
public final class JobRepair {

    /** What a job must have; all else is left out where it can't be read. */
    private static final Set<String> NEEDED = Set.of("format", "sheets");

    private static final JobMapper MAPPER = JobMapper.ofJobs(MediaStore.inline());

    private final Path file;
    private final List<String> told = new ArrayList<>();
    private final Set<String> ids = new HashSet<>();
    private Set<String> pictures = Set.of();
    private long next = 1;

    /** What was got out.
     *
     * @param told a sentence on each thing that is left out or was mended; empty where nothing was */
    public record Repaired(Job job, List<String> told) {}

    private JobRepair(Path file) {
        this.file = file;
    }

    /** @throws Refusal if nothing of a job can be got out of it, or it is from a newer Rondel */
    public static Repaired of(Path file) {
        return new JobRepair(file).repaired();
    }

    private Repaired repaired() {
        Map<String, byte[]> parts = SalvagedArchive.parts(bytes());
        SalvagedJson.Read read = SalvagedJson.of(parts.getOrDefault("job.json", new byte[0]));
        ObjectNode root = read.root().orElseThrow(() -> Refusal.of("repair.nothing", file));
        String format = root.path("format").asText(JobFormat.VERSION);
        if (JobFormat.major(format) > JobFormat.MAJOR) {
            throw Refusal.of("job.newer", file, format, JobFormat.VERSION);
        }
        if (!read.whole()) {
            told.add(Words.of("repair.brokenOff"));
        }
        root.put("format", format);
        Map<MediaId, Media> media = media(parts);
        pictures = new HashSet<>(media.keySet().stream().map(MediaId::sha256).toList());
        next = Math.max(1, root.path("next_number").asLong(1));
        root.set("sheets", sheets(root.path("sheets")));
        root.put("next_number", next);
        ArrayNode listed = root.putArray("media");
        media.values().forEach(m -> listed.add(JobJson.media(m)));
        return new Repaired(readable(root, media), List.copyOf(told));
    }

    private byte[] bytes() {
        if (!Files.isRegularFile(file)) {
            throw Refusal.of("file.notFound", file);
        }
        try {
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    /** Pictures that are what their names say. */
    private Map<MediaId, Media> media(Map<String, byte[]> parts) {
        Map<MediaId, Media> media = new HashMap<>();
        parts.forEach((name, content) -> {
            if (name.startsWith("media/")) {
                String sha = name.substring("media/".length()).replaceFirst("\\..*$", "");
                if (Media.idOf(content).sha256().equals(sha)) {
                    media.put(new MediaId(sha), PictureReader.media(content, name));
                } else {
                    told.add(Words.of("repair.picture", sha.substring(0, Math.min(8, sha.length()))));
                }
            }
        });
        return media;
    }

    private ArrayNode sheets(JsonNode damaged) {
        ArrayNode sheets = JsonNodeFactory.instance.arrayNode();
        for (JsonNode one : damaged) {
            if (one instanceof ObjectNode sheet) {
                String name = sheet.path("name").asText();
                sheet.set("elements", elements(sheet.path("elements"), name));
                if (sheet.path("id").asText().isEmpty()
                        || !ids.add("sheet " + sheet.path("id").asText())) {
                    sheet.put("id", "r" + next++);
                }
                boolean sized = sheet.path("width_mm").asDouble() > 0
                        && sheet.path("height_mm").asDouble() > 0;
                if (!sized) {
                    sheet.put("width_mm", 210).put("height_mm", 297);
                    told.add(Words.of("repair.size", name));
                }
                sheets.add(sheet);
            }
        }
        if (sheets.isEmpty()) {
            throw Refusal.of("repair.nothing", file);
        }
        return sheets;
    }

    /** The elements that can be read, groups with those of their children that can. */
    private ArrayNode elements(JsonNode damaged, String sheet) {
        ArrayNode kept = JsonNodeFactory.instance.arrayNode();
        for (JsonNode one : damaged) {
            if (!(one instanceof ObjectNode element)) {
                continue;
            }
            if (element.get("children") instanceof ArrayNode children) {
                element.set("children", elements(children, sheet));
            }
            String name = element.path("name").asText(element.path("kind").asText());
            if (element.has("media") && !pictures.contains(element.path("media").asText())) {
                told.add(Words.of("repair.pictureGone", name, sheet));
            } else if (isReadable(element)) {
                String id = element.path("id").asText();
                if (id.isEmpty() || !ids.add(id)) {
                    element.put("id", "e" + next++);
                    told.add(Words.of("repair.id", name, sheet));
                }
                kept.add(element);
            } else {
                told.add(Words.of("repair.element", name, sheet));
            }
        }
        return kept;
    }

    private static boolean isReadable(ObjectNode element) {
        try {
            MAPPER.read(element, Element.class);
            return true;
        } catch (BadJson | Refusal | IllegalArgumentException damaged) {
            return false;
        }
    }

    /** The job without the fields of its own that can't be read. */
    private Job readable(ObjectNode root, Map<MediaId, Media> media) {
        Optional<Job> job = tried(root, media);
        if (job.isPresent()) {
            return job.get();
        }
        // Each field is tried by itself beside what must be there, then all that can be read together.
        ObjectNode kept = JsonNodeFactory.instance.objectNode();
        NEEDED.forEach(f -> kept.set(f, root.get(f)));
        kept.set("media", root.get("media"));
        for (Iterator<String> names = root.fieldNames(); names.hasNext(); ) {
            String name = names.next();
            if (!kept.has(name)) {
                ObjectNode with = kept.deepCopy();
                with.set(name, root.get(name));
                if (tried(with, media).isPresent()) {
                    kept.set(name, root.get(name));
                } else {
                    told.add(Words.of("repair.field", name));
                }
            }
        }
        return tried(kept, media).orElseThrow(() -> Refusal.of("repair.nothing", file));
    }

    private static Optional<Job> tried(ObjectNode root, Map<MediaId, Media> media) {
        try {
            return Optional.of(JobJson.read(root, media));
        } catch (BadJson | Refusal | IllegalArgumentException damaged) {
            return Optional.empty();
        }
    }
}
