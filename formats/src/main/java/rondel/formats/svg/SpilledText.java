package rondel.formats.svg;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** Text that may become larger than memory: what is beyond some millions of characters waits in a file, which goes when this is closed. */
final class SpilledText implements AutoCloseable {

    private static final int IN_MEMORY = 4_000_000;

    private final StringBuilder text = new StringBuilder();
    private Optional<Path> file = Optional.empty();
    private BufferedWriter spill;

    void append(CharSequence more) {
        text.append(more);
        if (text.length() > IN_MEMORY) {
            try {
                if (file.isEmpty()) {
                    file = Optional.of(Files.createTempFile("rondel", ".svg-part"));
                    spill = Files.newBufferedWriter(file.get(), StandardCharsets.UTF_8);
                }
                spill.append(text);
                text.setLength(0);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** All of it, in UTF-8. */
    void writeTo(OutputStream out) throws IOException {
        if (file.isPresent()) {
            spill.append(text);
            text.setLength(0);
            spill.flush();
            Files.copy(file.get(), out);
        } else {
            out.write(text.toString().getBytes(StandardCharsets.UTF_8));
        }
    }

    @Override
    public void close() throws IOException {
        if (file.isPresent()) {
            spill.close();
            Files.deleteIfExists(file.get());
        }
    }
}
