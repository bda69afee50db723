package rondel.cli;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;

/** Output without control characters but tabs and line feeds: names in a job must not command a terminal. The text is UTF-8. */
final class PlainOutput extends FilterOutputStream {

    /** The first byte of a control character of U+0080 to U+009F, until its second is known. */
    private boolean afterC2;

    private PlainOutput(OutputStream out) {
        super(out);
    }

    static PrintStream over(PrintStream out) {
        return new PrintStream(new PlainOutput(out), true, StandardCharsets.UTF_8);
    }

    @Override
    public void write(int b) throws IOException {
        int value = b & 255;
        if (afterC2) {
            afterC2 = false;
            if (value >= 0xa0) {
                out.write(0xc2);
                out.write(value);
            } else {
                out.write('?');
            }
        } else if (value == 0xc2) {
            afterC2 = true;
        } else if (value < ' ' && value != '\n' && value != '\t' && value != '\r' || value == 127) {
            out.write('?');
        } else {
            out.write(value);
        }
    }
}
