package rondel.formats.dst;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.png.PngWriter;
import rondel.geometry.Box;
import rondel.run.stitch.SewingPicture;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;

/** Stitches as a file of the kind that its name ends in: a tape (.dst), a table of places (.csv), or a picture of what is sewn (.png). */
public final class StitchFile {

    private static final double PPI = 300;
    private static final double MM_PER_INCH = 25.4;
    private static final double MARGIN = 4;

    private StitchFile() {}

    /** Writes it whole or not at all.
     *
     * @throws Refusal if its name ends in none of these */
    public static void write(Path file, Replacing replacing, StitchPattern pattern, String name) {
        String ending = file.toString().toLowerCase(Locale.ROOT);
        if (ending.endsWith(".dst")) {
            byte[] bytes = DstWriter.bytes(pattern, name);
            AtomicFile.write(file, replacing, o -> o.write(bytes));
        } else if (ending.endsWith(".csv")) {
            AtomicFile.write(file, replacing, o -> o.write(csv(pattern).getBytes(StandardCharsets.UTF_8)));
        } else if (ending.endsWith(".png")) {
            AtomicFile.write(file, replacing, o -> picture(pattern, o));
        } else {
            throw Refusal.of("stitch.unknownKind", file.getFileName());
        }
    }

    private static void picture(StitchPattern pattern, OutputStream out) throws IOException {
        Box seen = pattern.extent().orElse(new Box(0, 0, 1, 1)).grown(MARGIN);
        PngWriter.write(new SewingPicture(pattern, seen, PPI / MM_PER_INCH).after(Integer.MAX_VALUE), PPI, out);
    }

    /** A line for each move: the number of the thread and its colour, the move, and where it goes in mm. */
    static String csv(StitchPattern pattern) {
        StringBuilder text = new StringBuilder("thread,colour,move,x_mm,y_mm\r\n");
        for (int i = 0; i < pattern.runs().size(); i++) {
            ThreadRun run = pattern.runs().get(i);
            for (Stitch s : run.stitches()) {
                text.append(String.format(
                        Locale.ROOT,
                        "%d,%s,%s,%.3f,%.3f\r\n",
                        i + 1,
                        run.thread().hex(),
                        s.move().name().toLowerCase(Locale.ROOT),
                        s.at().x(),
                        s.at().y()));
            }
        }
        return text.toString();
    }
}
