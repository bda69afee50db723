package rondel.devices.cutter.standin;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import rondel.devices.Misfeed;
import rondel.formats.hpgl.HpglInstruction;
import rondel.words.Words;

/** A cutter on a port: one sender at a time, another is turned away. Where a line breaks, what was cut stays, and the next sender goes on;
 *  once a sender has put the tool away, the load is finished. It listens on the loopback only, unless it is told otherwise. */
public final class StandInCutter implements AutoCloseable {

    /** What the line itself holds, in bytes: little, so that a sender soon feels that the machine is busy. */
    private static final int LINE = 16_384;

    private static final int TRIES = 10;
    private static final long MOMENT = 50;

    private final ServerSocket server;
    private final CutterBody body;
    private final CutterBed bed;
    private final Consumer<String> log;
    private final AtomicBoolean busy = new AtomicBoolean();
    private final Thread listening;
    private volatile Consumer<CutRecord> finished = r -> {};
    private CutterFaults faults;
    private Consumer<HpglInstruction> session = i -> {};
    private Optional<CutRecord> last = Optional.empty();

    /** @param address loopback, or what the person has said
     *  @param port 0 for any that is free
     *  @param log hears of what happens, in sentences, on any thread */
    public StandInCutter(
            InetAddress address, int port, CutterBody body, Misfeed misfeed, CutterFaults faults, Consumer<String> log)
            throws IOException {
        this.body = body;
        this.faults = faults;
        this.log = log;
        bed = new CutterBed(body, misfeed, faults.jamAfter(), i -> session.accept(i));
        server = new ServerSocket();
        server.setReceiveBufferSize(LINE);
        server.bind(new InetSocketAddress(address, port));
        listening = Thread.ofVirtual().name("stand-in cutter").start(this::listen);
    }

    /** On the loopback, at a free port, without faults. */
    public static StandInCutter usual() throws IOException {
        return new StandInCutter(
                InetAddress.getLoopbackAddress(), 0, CutterBody.USUAL, Misfeed.NONE, CutterFaults.NONE, s -> {});
    }

    public int port() {
        return server.getLocalPort();
    }

    public CutterBody body() {
        return body;
    }

    /** Has a listener hear of each load that is finished. */
    public void onFinished(Consumer<CutRecord> listener) {
        finished = listener;
    }

    /** What was cut: of the load in the machine, else of the last one that was finished. */
    public synchronized CutRecord record() {
        CutRecord now = bed.record();
        return now.lines().isEmpty() ? last.orElse(now) : now;
    }

    CutterBed bedFor(Consumer<HpglInstruction> listener) {
        session = listener;
        return bed;
    }

    private void listen() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                Thread.ofVirtual().name("stand-in cutter's line").start(() -> serve(socket));
            } catch (IOException e) {
                if (!server.isClosed()) {
                    log.accept(Words.of("cutter.listen", e.getMessage()));
                }
                return;
            }
        }
    }

    private void serve(Socket socket) {
        try (socket) {
            if (!free()) {
                log.accept(Words.of("cutter.second"));
                return;
            }
            try {
                served(socket);
            } finally {
                busy.set(false);
            }
        } catch (IOException e) {
            log.accept(Words.of("cutter.lineBroke", e.getMessage()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Whether the machine is free, or becomes so within a moment: who has just gone may not have been noticed yet. */
    private boolean free() throws InterruptedException {
        for (int i = 0; i < TRIES; i++) {
            if (busy.compareAndSet(false, true)) {
                return true;
            }
            Thread.sleep(MOMENT);
        }
        return false;
    }

    private void served(Socket socket) throws IOException, InterruptedException {
        socket.setTcpNoDelay(true);
        log.accept(Words.of("cutter.connected"));
        CutterFaults now = takeFaults();
        if (now.silent()) {
            // It takes nothing and says nothing until whoever waits has had enough.
            Thread.sleep(Long.MAX_VALUE / 1_000_000);
        }
        bed.clear();
        CutterSession line = new CutterSession(socket, this, now.dropAfter());
        boolean dropped = line.serve();
        if (line.notUnderstood() > 0) {
            log.accept(Words.of("cutter.notUnderstood", String.valueOf(line.notUnderstood())));
        }
        if (dropped) {
            log.accept(Words.of("cutter.dropped"));
            return;
        }
        if (bed.isFinished() && !line.wasAborted()) {
            CutRecord record = bed.record();
            synchronized (this) {
                last = Optional.of(record);
                bed.load();
            }
            log.accept(Words.of(
                    "cutter.finished",
                    String.valueOf(record.lines().size()),
                    String.format(java.util.Locale.ROOT, "%.0f", record.seconds())));
            finished.accept(record);
        }
    }

    private synchronized CutterFaults takeFaults() {
        CutterFaults now = faults;
        faults = new CutterFaults(OptionalLong.empty(), faults.jamAfter(), faults.silent());
        return now;
    }

    /** Waits until it is closed. */
    public void join() throws InterruptedException {
        listening.join();
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
