package rondel.formats.journal;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/** Where a journal's lines go. A line is there whole or not at all: what of it was written before the disk was full is taken
 *  back. */
class JournalTape implements AutoCloseable {

    private final FileChannel channel;
    private long whole;

    JournalTape(Path file) throws IOException {
        channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        whole = channel.size();
    }

    /** @throws IOException if there is no room; nothing of the line stays */
    void append(String line) throws IOException {
        byte[] bytes = line.getBytes(StandardCharsets.UTF_8);
        try {
            channel.position(whole);
            write(channel, ByteBuffer.wrap(bytes));
            channel.force(false);
            whole += bytes.length;
        } catch (IOException e) {
            channel.truncate(whole);
            throw e;
        }
    }

    void write(FileChannel to, ByteBuffer bytes) throws IOException {
        while (bytes.hasRemaining()) {
            to.write(bytes);
        }
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
