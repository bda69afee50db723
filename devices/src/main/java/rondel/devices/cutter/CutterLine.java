package rondel.devices.cutter;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.StandardSocketOptions;
import java.nio.ByteBuffer;
import java.nio.channels.SelectionKey;
import java.nio.channels.Selector;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import rondel.words.Refusal;
import rondel.words.Words;

/** A line to a cutter on which nothing waits longer than it is told to. One thread uses it. */
final class CutterLine implements AutoCloseable {

    /** What lies between us and the machine is small, so that what was sent was nearly taken. */
    private static final int SEND_BUFFER = 4096;

    private static final Duration CONNECTING = Duration.ofSeconds(5);
    private static final int LONGEST_ANSWER = 256;
    private static final long SLICE = 100;

    private final SocketChannel channel;
    private final Selector selector;
    private final SelectionKey key;
    private final StringBuilder answer = new StringBuilder();

    private CutterLine(SocketChannel channel) throws IOException {
        this.channel = channel;
        this.selector = Selector.open();
        channel.configureBlocking(false);
        this.key = channel.register(selector, SelectionKey.OP_READ);
    }

    /** @throws Refusal if nothing listens there */
    static CutterLine to(String host, int port) {
        try {
            SocketChannel channel = SocketChannel.open();
            channel.setOption(StandardSocketOptions.SO_SNDBUF, SEND_BUFFER);
            // Each stroke waits for a word on it: nothing is to be held back to be sent with more.
            channel.setOption(StandardSocketOptions.TCP_NODELAY, true);
            channel.socket().connect(new InetSocketAddress(host, port), (int) CONNECTING.toMillis());
            return new CutterLine(channel);
        } catch (IOException | IllegalArgumentException e) {
            throw new Refusal(Words.of("cut.notThere", host + ":" + port), e);
        }
    }

    /** Sends all of a text.
     *
     * @param patience how long the machine may take nothing
     * @return false where it took nothing for that long
     * @throws IOException if the line broke */
    boolean send(String text, Duration patience, Interruption interruption) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap(text.getBytes(StandardCharsets.US_ASCII));
        long moved = System.nanoTime();
        while (bytes.hasRemaining()) {
            interruption.check();
            if (channel.write(bytes) > 0) {
                moved = System.nanoTime();
            } else if (System.nanoTime() - moved > patience.toNanos()) {
                return false;
            } else {
                await(SelectionKey.OP_WRITE | SelectionKey.OP_READ);
                receive();
            }
        }
        return true;
    }

    /** The next answer, which ends with a carriage return or a line feed; what is longer than any answer is cut off there.
     *
     * @return nothing where none came in time
     * @throws IOException if the line broke */
    Optional<String> answer(Duration patience, Interruption interruption) throws IOException {
        long until = System.nanoTime() + patience.toNanos();
        while (true) {
            Optional<String> whole = taken();
            if (whole.isPresent()) {
                return whole;
            }
            interruption.check();
            if (System.nanoTime() > until) {
                return Optional.empty();
            }
            await(SelectionKey.OP_READ);
            receive();
        }
    }

    private Optional<String> taken() {
        for (int i = 0; i < answer.length(); i++) {
            char c = answer.charAt(i);
            if (c == '\r' || c == '\n') {
                String text = answer.substring(0, i).strip();
                answer.delete(0, i + 1);
                if (!text.isEmpty()) {
                    return Optional.of(text);
                }
                i = -1;
            }
        }
        if (answer.length() > LONGEST_ANSWER) {
            String text = answer.substring(0, LONGEST_ANSWER);
            answer.setLength(0);
            return Optional.of(text);
        }
        return Optional.empty();
    }

    private void await(int operations) throws IOException {
        key.interestOps(operations);
        selector.select(SLICE);
        selector.selectedKeys().clear();
    }

    private void receive() throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(LONGEST_ANSWER);
        int n = channel.read(bytes);
        if (n < 0) {
            throw new IOException(Words.of("cut.closed"));
        }
        answer.append(new String(bytes.array(), 0, n, StandardCharsets.ISO_8859_1));
    }

    @Override
    public void close() {
        try {
            selector.close();
            channel.close();
        } catch (IOException e) {
            // It is gone either way.
            answer.setLength(0);
        }
    }

    /** Whether whoever sends has had enough. */
    interface Interruption {
        /** @throws java.util.concurrent.CancellationException if so */
        void check();
    }
}
