package rondel.formats.report;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.OwnFolders;
import rondel.formats.files.Replacing;
import rondel.words.Words;

/** A report for whoever mends Rondel: the end of the log, the preferences and some figures. No artwork, no job and no token is in it.
 *
 * @param parts texts by the names of their files, in their order */
public record Report(Map<String, String> parts) {

    /** So much of the end of the log is taken, in bytes. */
    private static final int LOG = 200_000;

    private static final long MB = 1 << 20;

    public Report {
        parts = Collections.unmodifiableMap(new LinkedHashMap<>(parts));
    }

    /** Collects it from the person's own folder.
     *
     * @param figures more of them, by what they are called
     * @throws IOException if the log or the preferences are there and can't be read */
    public static Report collected(Map<String, String> figures) throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        StringBuilder told = new StringBuilder();
        general()
                .forEach((name, value) ->
                        told.append(name).append(": ").append(value).append('\n'));
        figures.forEach(
                (name, value) -> told.append(name).append(": ").append(value).append('\n'));
        parts.put("figures.txt", told.toString());
        parts.put("rondel.log", end(OwnFolders.logs().resolve("rondel.log")).orElse(Words.of("report.noLog")));
        end(OwnFolders.preferences()).ifPresent(p -> parts.put("preferences.json", p));
        return new Report(parts);
    }

    private static Map<String, String> general() {
        Runtime machine = Runtime.getRuntime();
        Map<String, String> figures = new LinkedHashMap<>();
        figures.put("rondel", Release.VERSION);
        figures.put("java", System.getProperty("java.runtime.version"));
        figures.put(
                "system",
                System.getProperty("os.name") + " " + System.getProperty("os.version") + " "
                        + System.getProperty("os.arch"));
        figures.put("language", Words.language().toLanguageTag());
        figures.put("processors", Integer.toString(machine.availableProcessors()));
        figures.put("heap-used-mb", Long.toString((machine.totalMemory() - machine.freeMemory()) / MB));
        figures.put("heap-most-mb", Long.toString(machine.maxMemory() / MB));
        return figures;
    }

    /** The end of a text file; nothing where there is none. */
    private static Optional<String> end(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        byte[] all = Files.readAllBytes(file);
        int from = Math.max(0, all.length - LOG);
        return Optional.of(new String(all, from, all.length - from, StandardCharsets.UTF_8));
    }

    /** Writes it as a zip.
     *
     * @throws rondel.words.Refusal if the file can't be written */
    public void write(Path zip, Replacing place) {
        AtomicFile.write(zip, place, this::zipped);
    }

    private void zipped(OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        for (Map.Entry<String, String> part : parts.entrySet()) {
            if (!part.getValue().isBlank()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        zip.finish();
    }
}
