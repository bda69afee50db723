package rondel.formats.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.picture.PictureReader;
import rondel.formats.png.JobPreview;
import rondel.job.Element;
import rondel.job.ElementId;
import rondel.job.GroupElement;
import rondel.job.Job;
import rondel.job.Media;
import rondel.job.MediaId;
import rondel.paint.PictureSource;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** The {@code .rondel} file: a zip of {@code mimetype}, {@code job.json}, {@code media/<sha-256>.<ext>} and
 *  {@code preview.png}. */
public final class JobFile {

    /** An element's own fields nest a few levels; a group needs two. */
    private static final int DEEPEST_JSON = 2 * GroupElement.DEEPEST + 100;

    private static final ObjectMapper MAPPER = JsonMapper.builder(com.fasterxml.jackson.core.JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST_JSON)
                            .maxStringLength(200_000_000)
                            .build())
                    .build())
            .build();

    private JobFile() {}

    /** Reads and writes the JSON of jobs, as deep as they may nest. */
    static ObjectMapper mapper() {
        return MAPPER;
    }

    /** Saves atomically, over whatever is there.
     *
     * @throws Refusal if it can't be written; an older file is untouched */
    public static void write(Job job, Path target, PictureSource pictures) {
        write(job, target, Replacing.ANYTHING, pictures);
    }

    /** Saves atomically.
     *
     * @throws Refusal if it can't be written, or what is there is not to be replaced; it is untouched */
    public static void write(Job job, Path target, Replacing over, PictureSource pictures) {
        Optional<byte[]> preview = JobPreview.png(job, pictures);
        AtomicFile.write(target, over, out -> write(job, preview, out));
    }

    /** The file's content, with a preview that was painted before, where it could be. */
    public static void write(Job job, Optional<byte[]> preview, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        stored(zip, "mimetype", JobFormat.MIME_TYPE.getBytes(StandardCharsets.US_ASCII));
        zip.putNextEntry(entry("job.json"));
        zip.write(MAPPER.writeValueAsBytes(JobJson.write(job)));
        zip.closeEntry();
        for (Media m : job.media().values()) {
            stored(
                    zip,
                    "media/" + m.id().sha256() + "." + m.extension(),
                    m.bytes().content());
        }
        if (preview.isPresent()) {
            stored(zip, "preview.png", preview.get());
        }
        zip.finish();
    }

    /** Pictures are packed already, so they are stored as they are. */
    private static void stored(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
        ZipEntry entry = entry(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(bytes.length);
        CRC32 crc = new CRC32();
        crc.update(bytes);
        entry.setCrc(crc.getValue());
        zip.putNextEntry(entry);
        zip.write(bytes);
        zip.closeEntry();
    }

    /** The same job always gives the same bytes. */
    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(java.time.LocalDateTime.of(2000, 1, 1, 0, 0));
        return entry;
    }

    /** @throws Refusal if the file is missing, is no job, is damaged, or is from a newer Rondel */
    public static Job read(Path file) {
        if (!Files.isRegularFile(file)) {
            throw Refusal.of("file.notFound", file);
        }
        Map<String, byte[]> entries = JobArchive.entries(file);
        byte[] json = entries.get("job.json");
        if (json == null) {
            throw Refusal.of("job.notAJob", file);
        }
        try {
            JsonNode root = MAPPER.readTree(json);
            String version = root.path("format").asText();
            if (JobFormat.major(version) > JobFormat.MAJOR) {
                throw Refusal.of("job.newer", file, version, JobFormat.VERSION);
            }
            Job job = JobJson.read(root, media(root, entries, file));
            Set<ElementId> ids = new HashSet<>();
            job.everything()
                    .map(Element::id)
                    .filter(id -> !ids.add(id))
                    .findFirst()
                    .ifPresent(id -> {
                        throw Refusal.of("job.sameId", file, id.value());
                    });
            Cancellation.check();
            return job;
        } catch (BadJson e) {
            throw new Refusal(Words.of("job.damagedAt", file, e.field()), e);
        } catch (StreamConstraintsException e) {
            throw new Refusal(Words.of("job.tooDeep", file, GroupElement.DEEPEST), e);
        } catch (JsonProcessingException e) {
            throw new Refusal(Words.of("job.damaged", file), e);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }

    private static Map<MediaId, Media> media(JsonNode root, Map<String, byte[]> entries, Path file) {
        Map<MediaId, Media> media = new HashMap<>();
        for (JsonNode node : root.path("media")) {
            MediaId id = new MediaId(node.path("sha256").asText());
            byte[] bytes = entries.get(
                    "media/" + id.sha256() + "." + node.path("extension").asText());
            if (bytes == null || !Media.idOf(bytes).equals(id)) {
                throw Refusal.of(
                        "job.pictureLost",
                        file,
                        id.sha256().substring(0, Math.min(8, id.sha256().length())));
            }
            media.put(id, PictureReader.media(bytes, file.getFileName().toString()));
        }
        return media;
    }
}
