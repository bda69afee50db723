package rondel.devices.cutter.standin;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.OptionalLong;
import rondel.formats.hpgl.HpglInstruction;
import rondel.formats.hpgl.HpglParser;
import rondel.formats.hpgl.HpglPen;
import rondel.geometry.Point;

/** One line from a sender: takes bytes as fast as the machine has room for them, and answers what is asked. */
final class CutterSession {

    static final int MEMORY = 1024;
    private static final String MODEL = "STANDIN-CUTTER";
    private static final int PEN_DOWN = 1;
    private static final int INITIALISED = 8;
    private static final int READY = 16;
    private static final int ERROR = 32;
    private static final int JAM = 7;
    private static final int OUT_OF_REACH = 3;

    private final Socket socket;
    private final CutterBed bed;
    private final CutterBody body;
    private final HpglPen pen;
    private final HpglParser parser;
    private final OptionalLong dropAfter;
    private OutputStream out;
    private boolean initialised;
    private boolean aborted;

    CutterSession(Socket socket, StandInCutter machine, OptionalLong dropAfter) {
        this.socket = socket;
        this.dropAfter = dropAfter;
        this.body = machine.body();
        this.bed = machine.bedFor(this::other);
        this.pen = new HpglPen(bed);
        this.parser = new HpglParser(pen::take);
    }

    /** Takes all that comes, until the line ends.
     *
     * @return whether the line was dropped on purpose */
    boolean serve() throws IOException, InterruptedException {
        out = socket.getOutputStream();
        InputStream in = socket.getInputStream();
        byte[] memory = new byte[MEMORY];
        long taken = 0;
        for (int n = in.read(memory); n >= 0; n = in.read(memory)) {
            int length = n;
            boolean drop = dropAfter.isPresent() && taken + n >= dropAfter.getAsLong();
            if (drop) {
                length = (int) (dropAfter.getAsLong() - taken);
            }
            parser.take(memory, length);
            taken += length;
            pace();
            if (drop) {
                bed.tool(false);
                return true;
            }
            if (bed.isFinished()) {
                bed.stand();
            }
        }
        parser.end();
        if (bed.isDown()) {
            bed.tool(false);
        }
        bed.stand();
        return false;
    }

    private void pace() throws InterruptedException {
        double passed = bed.sinceLast();
        if (body.pace() > 0) {
            Thread.sleep((long) (1000 * passed / body.pace()));
        }
    }

    private void other(HpglInstruction i) {
        switch (i.code()) {
            case "IN" -> initialised = true;
            case "OI" -> answer(MODEL);
            case "OS" -> {
                bed.stand();
                answer(String.valueOf(status()));
            }
            case "OE" -> {
                answer(String.valueOf(error()));
                bed.clear();
            }
            case "OA", "OC" -> {
                Point at = pen.units();
                answer(String.format(Locale.ROOT, "%.0f,%.0f,%d", at.x(), at.y(), pen.isDown() ? 1 : 0));
            }
            case "OH", "OW" ->
                answer(String.format(Locale.ROOT, "0,0,%.0f,%.0f", body.width() / 0.025, body.height() / 0.025));
            case "OF" -> answer("40,40");
            case "OO" -> answer("0,1,0,0,0,0,0,0");
            case "ESC.B" -> answer(String.valueOf(MEMORY));
            case "ESC.L" -> answer(String.valueOf(MEMORY));
            case "ESC.E" -> answer("0");
            case "ESC.O" -> answer(bed.isJammed() ? "16" : "8");
            case "ESC.A" -> answer(MODEL + ",1");
            case "ESC.K" -> aborted = true;
            default -> {
                // Set-up of a serial line means nothing here.
            }
        }
    }

    private int status() {
        return (pen.isDown() ? PEN_DOWN : 0)
                + (initialised ? INITIALISED : 0)
                + (bed.isJammed() || bed.wasSentOutside() ? ERROR : READY);
    }

    private int error() {
        return bed.isJammed() ? JAM : bed.wasSentOutside() ? OUT_OF_REACH : pen.unknown() > 0 ? 1 : 0;
    }

    boolean wasAborted() {
        return aborted;
    }

    /** How many bytes and instructions meant nothing. */
    long notUnderstood() {
        return parser.unread() + pen.unknown();
    }

    private void answer(String text) {
        try {
            out.write((text + "\r").getBytes(StandardCharsets.US_ASCII));
            out.flush();
        } catch (IOException e) {
            // Who asked is gone, which the next read tells too.
            aborted = true;
        }
    }
}
