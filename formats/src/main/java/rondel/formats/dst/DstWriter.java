package rondel.formats.dst;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import rondel.formats.dst.DstRecord.Command;
import rondel.geometry.Box;
import rondel.geometry.Point;
import rondel.run.stitch.Stitch;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;

/** A pattern as a tape: places rounded to 0.1 mm from the middle of what is sewn, so that nothing drifts; longer moves in several records; a cut of the
 *  thread as three jumps, which is what machines take for one. */
public final class DstWriter {

    static final int HEADER = 512;
    static final double STEP = 0.1;

    /** So many jumps in a row are a cut. */
    static final int CUT = 3;

    private static final int LONGEST_NAME = 16;
    private static final int MOST_EXTENT = 99_999;

    private final List<DstRecord> records = new ArrayList<>();
    private int x;
    private int y;
    private int left;
    private int right;
    private int up;
    private int down;

    private DstWriter() {}

    /** @param name of the design; of it, the header has 16 letters
     *  @throws Refusal if there is nothing to sew, or it is larger than the header can say */
    public static byte[] bytes(StitchPattern pattern, String name) {
        Box extent = pattern.extent().orElseThrow(() -> Refusal.of("stitch.nothing"));
        Point middle = extent.centre();
        DstWriter writer = new DstWriter();
        for (int i = 0; i < pattern.runs().size(); i++) {
            if (i > 0) {
                writer.records.add(new DstRecord(0, 0, Command.CHANGE));
            }
            writer.run(pattern.runs().get(i), middle);
        }
        if (Math.max(Math.max(writer.right, -writer.left), Math.max(writer.up, -writer.down)) > MOST_EXTENT) {
            throw Refusal.of("stitch.tooLarge", Math.round(extent.width()), Math.round(extent.height()));
        }
        return writer.tape(name, pattern.runs().size() - 1);
    }

    private void run(ThreadRun run, Point middle) {
        for (Stitch s : run.stitches()) {
            int toX = (int) Math.round((s.at().x() - middle.x()) / STEP);
            // On a sheet down is more, on a tape up is.
            int toY = (int) Math.round((middle.y() - s.at().y()) / STEP);
            move(toX, toY, s.move());
        }
    }

    private void move(int toX, int toY, Stitch.Move how) {
        int least = how == Stitch.Move.TRIM ? CUT : 1;
        int far = Math.max(Math.abs(toX - x), Math.abs(toY - y));
        int parts = Math.max(least, (far + DstRecord.FURTHEST - 1) / DstRecord.FURTHEST);
        int fromX = x;
        int fromY = y;
        for (int i = 1; i <= parts; i++) {
            int nextX = fromX + Math.round((float) (toX - fromX) * i / parts);
            int nextY = fromY + Math.round((float) (toY - fromY) * i / parts);
            boolean sewn = how == Stitch.Move.SEW && i == parts;
            records.add(new DstRecord(nextX - x, nextY - y, sewn ? Command.SEW : Command.JUMP));
            x = nextX;
            y = nextY;
            left = Math.min(left, x);
            right = Math.max(right, x);
            down = Math.min(down, y);
            up = Math.max(up, y);
        }
    }

    private byte[] tape(String name, int changes) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        String plain = name.replaceAll("[^\\x20-\\x7e]", "_");
        String label = plain.substring(0, Math.min(LONGEST_NAME, plain.length()));
        String header = String.format(
                Locale.ROOT,
                "LA:%-16s\rST:%7d\rCO:%3d\r+X:%5d\r-X:%5d\r+Y:%5d\r-Y:%5d\rAX:%s\rAY:%s\rMX:+    0\rMY:+    0\rPD:******\r",
                label,
                records.size(),
                changes,
                right,
                -left,
                up,
                -down,
                signed(x),
                signed(y));
        out.writeBytes(header.getBytes(StandardCharsets.US_ASCII));
        out.write(0x1a);
        while (out.size() < HEADER) {
            out.write(' ');
        }
        records.forEach(r -> out.writeBytes(r.bytes()));
        out.writeBytes(new DstRecord(0, 0, Command.END).bytes());
        return out.toByteArray();
    }

    private static String signed(int value) {
        return String.format(Locale.ROOT, "%s%5d", value < 0 ? "-" : "+", Math.abs(value));
    }
}
