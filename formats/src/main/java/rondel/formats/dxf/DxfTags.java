package rondel.formats.dxf;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Group codes and values as they are written, a line each. */
final class DxfTags {

    private static final int PART = 1 << 16;

    private final OutputStream out;
    private final StringBuilder text = new StringBuilder();
    private long handle = 0x100;

    DxfTags(OutputStream out) {
        this.out = out;
    }

    DxfTags tag(int code, String value) throws IOException {
        text.append(code).append("\r\n").append(value).append("\r\n");
        if (text.length() > PART) {
            flush();
        }
        return this;
    }

    DxfTags tag(int code, int value) throws IOException {
        return tag(code, String.valueOf(value));
    }

    /** A length or a figure, to a hundred-thousandth of a nanometre's worth of digits: nothing drifts by being written. */
    DxfTags tag(int code, double value) throws IOException {
        String plain = String.format(Locale.ROOT, "%.10f", value + 0.0);
        return tag(code, plain.equals("-0.0000000000") ? "0.0000000000" : plain);
    }

    DxfTags point(int code, double x, double y) throws IOException {
        return tag(code, x).tag(code + 10, y).tag(code + 20, 0.0);
    }

    /** A handle that nothing else has. */
    String next() {
        return Long.toHexString(handle++).toUpperCase(Locale.ROOT);
    }

    void flush() throws IOException {
        out.write(text.toString().getBytes(StandardCharsets.UTF_8));
        text.setLength(0);
    }
}
