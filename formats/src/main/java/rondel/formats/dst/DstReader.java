package rondel.formats.dst;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import rondel.geometry.Point;
import rondel.job.Rgba;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;

/** Reads tapes of any writer. A tape has no colours: each thread gets one of its own by its number, to be told apart. */
public final class DstReader {

    private static final int RECORD = 3;

    /** More than any machine takes. */
    private static final int MOST = 2_000_000;

    private static final List<Rgba> THREADS = List.of(
            new Rgba(0x1f, 0x6f, 0x6b, 255),
            new Rgba(0xb8, 0x44, 0x2f, 255),
            new Rgba(0xc9, 0x9a, 0x2e, 255),
            new Rgba(0x5b, 0x5f, 0x97, 255),
            new Rgba(0x7a, 0x9e, 0x5b, 255),
            new Rgba(0x33, 0x33, 0x33, 255));

    private DstReader() {}

    /** A tape as it was read.
     *
     * @param pattern in mm, from where the machine begins, down being more
     * @param name in its header
     * @param records how many it has, as its header counts them */
    public record Tape(StitchPattern pattern, String name, int records) {}

    /** @param file its name, for sentences
     *  @throws Refusal if it is no tape, breaks off, or never ends */
    public static Tape read(byte[] bytes, String file) {
        if (bytes.length < DstWriter.HEADER || !new String(bytes, 0, 3, StandardCharsets.US_ASCII).equals("LA:")) {
            throw Refusal.of("dst.none", file);
        }
        if (bytes.length > DstWriter.HEADER + RECORD * (MOST + 1)) {
            throw Refusal.of("dst.tooMany", file, MOST);
        }
        String header = new String(bytes, 0, DstWriter.HEADER, StandardCharsets.US_ASCII);
        int end = header.indexOf('\r');
        String name = header.substring(RECORD, end < 0 ? RECORD : end).strip();
        List<DstRecord> records = new ArrayList<>();
        boolean ended = false;
        for (int at = DstWriter.HEADER; at + RECORD <= bytes.length && !ended; at += RECORD) {
            DstRecord r = DstRecord.of(bytes, at).orElseThrow(() -> Refusal.of("dst.broken", file));
            ended = r.command() == DstRecord.Command.END;
            if (!ended) {
                records.add(r);
            }
        }
        if (!ended) {
            throw Refusal.of("dst.brokenOff", file);
        }
        return new Tape(pattern(records), name, records.size());
    }

    private static StitchPattern pattern(List<DstRecord> records) {
        List<ThreadRun> runs = new ArrayList<>();
        List<Stitch> open = new ArrayList<>();
        int x = 0;
        int y = 0;
        int jumps = 0;
        for (DstRecord r : records) {
            x += r.dx();
            y += r.dy();
            Point at = new Point(x * DstWriter.STEP, -y * DstWriter.STEP);
            switch (r.command()) {
                case SEW -> {
                    open.add(new Stitch(at, Stitch.Move.SEW));
                    jumps = 0;
                }
                case JUMP -> {
                    // Jumps in a row are one move; so many that machines cut the thread, one after a cut.
                    if (jumps++ > 0) {
                        open.removeLast();
                    }
                    boolean cut = jumps >= DstWriter.CUT && !open.isEmpty();
                    open.add(new Stitch(at, cut ? Stitch.Move.TRIM : Stitch.Move.JUMP));
                }
                default -> {
                    runs.add(new ThreadRun(THREADS.get(runs.size() % THREADS.size()), open));
                    open.clear();
                    jumps = 0;
                }
            }
        }
        runs.add(new ThreadRun(THREADS.get(runs.size() % THREADS.size()), open));
        return new StitchPattern(runs);
    }
}
