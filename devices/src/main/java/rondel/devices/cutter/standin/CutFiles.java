package rondel.devices.cutter.standin;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import rondel.formats.files.AtomicFile;
import rondel.formats.png.PngWriter;

/** What was cut, as files: the next free number of {@code cut-1.svg}, {@code cut-1.png} and {@code cut-1.json} in a folder. */
public final class CutFiles {

    private static final double PPI = 150;

    private final Path folder;
    private final CutterBody body;

    public CutFiles(Path folder, CutterBody body) {
        this.folder = folder;
        this.body = body;
    }

    /** The files, in that order. */
    public synchronized List<Path> write(CutRecord record) {
        int n = 1;
        while (Files.exists(folder.resolve("cut-" + n + ".svg"))) {
            n++;
        }
        Path svg = folder.resolve("cut-" + n + ".svg");
        Path png = folder.resolve("cut-" + n + ".png");
        Path json = folder.resolve("cut-" + n + ".json");
        AtomicFile.write(
                svg,
                o -> o.write(CutDrawing.svg(record, body.width(), body.height()).getBytes(StandardCharsets.UTF_8)));
        AtomicFile.write(png, o -> PngWriter.write(CutDrawing.picture(record), PPI, o));
        AtomicFile.write(
                json,
                o -> o.write(JsonNodeFactory.instance
                        .objectNode()
                        .put("lines", record.lines().size())
                        .put("seconds", record.seconds())
                        .put("whole", record.whole())
                        .toPrettyString()
                        .getBytes(StandardCharsets.UTF_8)));
        return List.of(svg, png, json);
    }
}
