package rondel.formats.fonts;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.FileStamp;
import rondel.formats.files.JavaProgram;
import rondel.formats.report.Release;
import rondel.words.Refusal;

/** Tries fonts that a person has brought along in a program of its own, before this one uses them: text is shaped by native code, and a font that
 *  ends it would end unsaved work. What came out is remembered for as long as the file stays as it is.
 *
 * @param record the file where that is
 * @param child the command of the program, a {@link FontTrialProcess} */
record FontTrials(Path record, List<String> child) {

    private static final Logger LOG = LoggerFactory.getLogger(FontTrials.class);
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** What takes longer hangs, in s: the largest fonts take one or two, and a machine with no time to spare has been seen to need over thirty to
     *  start the program. */
    private static final int LONGEST = 120;

    /** What came out of a file.
     *
     * @param rondel the version that tried it, whose library it was
     * @param sound whether it does no harm */
    @JsonIgnoreProperties(ignoreUnknown = true)
    private record Verdict(long size, long written, String rondel, boolean sound) {

        boolean isOf(FileStamp stamp) {
            return size == stamp.size() && written == stamp.written().toMillis() && Release.VERSION.equals(rondel);
        }
    }

    /** With this program's own Java. */
    static FontTrials usual(Path record) {
        return new FontTrials(record, JavaProgram.command(List.of("-Xmx256m"), FontTrialProcess.class));
    }

    /** Those of some files that do no harm; what is not known yet is tried, and remembered. */
    List<Path> sound(List<Path> files) {
        Map<String, Verdict> known = read();
        Deque<Path> untried = new ArrayDeque<>();
        Map<Path, FileStamp> stamps = new HashMap<>();
        for (Path file : files) {
            stamp(file).ifPresent(s -> {
                stamps.put(file, s);
                Verdict before = known.get(file.toString());
                if (before == null || !before.isOf(s)) {
                    untried.add(file);
                }
            });
        }
        if (!untried.isEmpty()) {
            tried(untried).forEach((file, sound) -> known.put(file.toString(), verdict(stamps.get(file), sound)));
            write(known);
        }
        return files.stream()
                .filter(f -> Optional.ofNullable(known.get(f.toString()))
                        .map(Verdict::sound)
                        .orElse(false))
                .toList();
    }

    /** Whether a file does no harm; it is tried, and nothing is remembered. */
    boolean isSound(Path file) {
        return tried(new ArrayDeque<>(List.of(file))).get(file);
    }

    private static Verdict verdict(FileStamp stamp, boolean sound) {
        return new Verdict(stamp.size(), stamp.written().toMillis(), Release.VERSION, sound);
    }

    private static Optional<FileStamp> stamp(Path file) {
        try {
            return FileStamp.of(file);
        } catch (IOException e) {
            LOG.warn("left out: {}", file, e);
            return Optional.empty();
        }
    }

    /** A program tries one after another until one ends it; then another goes on behind that. */
    private Map<Path, Boolean> tried(Deque<Path> files) {
        Map<Path, Boolean> verdicts = new HashMap<>();
        while (!files.isEmpty()) {
            try {
                Process process = new ProcessBuilder(child)
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
                try (BufferedWriter to = process.outputWriter(StandardCharsets.UTF_8);
                        BufferedReader from = process.inputReader(StandardCharsets.UTF_8)) {
                    boolean alive = true;
                    while (alive && !files.isEmpty()) {
                        Path file = files.poll();
                        alive = isDone(to, from, file);
                        verdicts.put(file, alive);
                    }
                } finally {
                    process.destroyForcibly();
                }
            } catch (IOException e) {
                // Where no program can be started there is nobody to try them: they are used as they always were.
                LOG.warn("fonts are not tried beforehand", e);
                files.forEach(f -> verdicts.put(f, true));
                files.clear();
            }
        }
        verdicts.forEach((file, sound) -> {
            if (!sound) {
                LOG.warn("left out, as it ends the program that reads it: {}", file);
            }
        });
        return verdicts;
    }

    private static boolean isDone(BufferedWriter to, BufferedReader from, Path file) {
        CompletableFuture<String> said = new CompletableFuture<>();
        Thread reader = Thread.ofVirtual().unstarted(() -> {
            try {
                said.complete(String.valueOf(from.readLine()));
            } catch (IOException e) {
                said.complete("");
            }
        });
        try {
            to.write(file.toString());
            to.newLine();
            to.flush();
            reader.start();
            return said.completeOnTimeout("", LONGEST, TimeUnit.SECONDS).join().equals(FontTrialProcess.DONE);
        } catch (IOException e) {
            LOG.debug("the program that tried {} is gone", file, e);
            return false;
        }
    }

    private Map<String, Verdict> read() {
        if (!Files.isRegularFile(record)) {
            return new TreeMap<>();
        }
        try {
            return MAPPER.readValue(Files.readAllBytes(record), new TypeReference<TreeMap<String, Verdict>>() {});
        } catch (IOException e) {
            LOG.warn("fonts are tried again: {}", record, e);
            return new TreeMap<>();
        }
    }

    private void write(Map<String, Verdict> known) {
        try {
            Files.createDirectories(record.toAbsolutePath().getParent());
            byte[] json = MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(known);
            AtomicFile.write(record, out -> out.write(json));
        } catch (IOException | Refusal e) {
            LOG.warn("fonts will be tried again", e);
        }
    }
}
