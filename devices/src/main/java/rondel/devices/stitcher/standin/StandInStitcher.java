package rondel.devices.stitcher.standin;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import rondel.formats.dst.DstReader;
import rondel.formats.png.PngWriter;
import rondel.geometry.Box;
import rondel.job.Rgba;
import rondel.run.stitch.SewingPicture;
import rondel.run.stitch.StitchPattern;
import rondel.run.stitch.ThreadRun;
import rondel.words.Refusal;

/** A small stitching machine over HTTP: {@code POST /tapes} takes a tape and sews it, {@code GET /tapes/ID} says how far it is, {@code /picture} and
 *  {@code /log} give what was sewn, {@code POST /tapes/ID/pause} halts it, {@code /go-on} goes on, also when a broken thread is in again, {@code /stop} stops it. One tape at a time. */
public final class StandInStitcher implements AutoCloseable {

    private static final int LARGEST = 8 << 20;
    private static final double PIXELS = 8;
    private static final int MOST_PIXELS = 3000;
    private static final double MARGIN = 5;
    private static final double PPI = 203.2;

    private final HttpServer server;
    private final StitcherBody body;
    private final Map<String, SewnTape> tapes = new LinkedHashMap<>();
    private final List<Consumer<Sewn>> listeners = new ArrayList<>();

    /** What was sewn of a tape.
     *
     * @param picture as PNG
     * @param told how it went, as JSON */
    public record Sewn(String id, byte[] picture, ObjectNode told) {}

    /** @param port 0 for any that is free */
    public StandInStitcher(InetAddress address, int port, StitcherBody body) throws IOException {
        this.body = body;
        server = HttpServer.create(new InetSocketAddress(address, port), 0);
        server.createContext("/tapes", this::handle);
        server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        server.start();
    }

    public int port() {
        return server.getAddress().getPort();
    }

    /** Has a listener hear of each tape that is done or stopped. */
    public synchronized void onSewn(Consumer<Sewn> listener) {
        listeners.add(listener);
    }

    private record Answer(int status, String type, byte[] body) {
        static Answer json(int status, ObjectNode node) {
            return new Answer(status, "application/json", node.toString().getBytes(StandardCharsets.UTF_8));
        }

        static Answer error(int status, String sentence) {
            return json(status, JsonNodeFactory.instance.objectNode().put("error", sentence));
        }
    }

    private void handle(HttpExchange exchange) throws IOException {
        try (exchange) {
            Answer answer = answered(exchange);
            exchange.getResponseHeaders().set("Content-Type", answer.type());
            exchange.sendResponseHeaders(answer.status(), answer.body().length);
            exchange.getResponseBody().write(answer.body());
        }
    }

    private Answer answered(HttpExchange exchange) throws IOException {
        String[] path = exchange.getRequestURI().getPath().substring(1).split("/", -1);
        String route = exchange.getRequestMethod() + (path.length > 2 ? " " + path[2] : path.length > 1 ? " ID" : "");
        if (route.equals("POST")) {
            byte[] bytes = exchange.getRequestBody().readNBytes(LARGEST + 1);
            return take(bytes, exchange.getRequestHeaders().getFirst("Thread-Colours"));
        }
        SewnTape tape;
        synchronized (this) {
            tape = path.length > 1 ? tapes.get(path[1]) : null;
        }
        if (tape == null) {
            return Answer.error(404, "no such tape");
        }
        return switch (route) {
            case "GET ID" -> Answer.json(200, state(tape));
            case "GET picture" -> new Answer(200, "image/png", picture(tape));
            case "GET log" ->
                new Answer(
                        200,
                        "text/plain; charset=utf-8",
                        String.join("\n", tape.log()).getBytes(StandardCharsets.UTF_8));
            case "POST go-on" -> tape.goOn() ? Answer.json(200, state(tape)) : Answer.error(409, "it is not halted");
            case "POST pause" -> {
                tape.pause();
                yield Answer.json(200, state(tape));
            }
            case "POST stop" -> {
                tape.stop();
                yield Answer.json(200, state(tape));
            }
            default -> Answer.error(404, "nothing here");
        };
    }

    private synchronized Answer take(byte[] bytes, String colours) {
        boolean busy = tapes.values().stream()
                .anyMatch(t -> t.state() != SewnTape.State.DONE && t.state() != SewnTape.State.STOPPED);
        if (busy) {
            return Answer.error(409, "another tape is being sewn");
        }
        StitchPattern pattern;
        try {
            pattern = threaded(DstReader.read(bytes, "tape").pattern(), colours);
        } catch (Refusal e) {
            return Answer.error(422, e.getMessage());
        }
        Box extent = pattern.extent().orElse(new Box(0, 0, 0, 0));
        if (extent.width() > body.width() || extent.height() > body.height()) {
            return Answer.error(
                    422,
                    String.format(
                            Locale.ROOT,
                            "%.1f x %.1f mm is more than the field of %.0f x %.0f mm",
                            extent.width(),
                            extent.height(),
                            body.width(),
                            body.height()));
        }
        SewnTape tape = new SewnTape("tape-" + (tapes.size() + 1), pattern, body);
        tapes.put(tape.id(), tape);
        Thread.ofVirtual().name("sewing").start(() -> {
            try {
                tape.sew();
                tell(tape);
            } catch (InterruptedException e) {
                tape.stop();
            }
        });
        return Answer.json(201, state(tape));
    }

    /** A tape does not tell colours: those of the threads that were put in are told beside it. */
    private static StitchPattern threaded(StitchPattern pattern, String colours) {
        if (colours == null || !colours.matches("#[0-9a-f]{6}(,#[0-9a-f]{6})*")) {
            return pattern;
        }
        String[] all = colours.split(",");
        List<ThreadRun> runs = new ArrayList<>();
        for (int i = 0; i < pattern.runs().size(); i++) {
            ThreadRun r = pattern.runs().get(i);
            runs.add(
                    i < all.length
                            ? new ThreadRun(Rgba.ofRgb(Integer.parseInt(all[i].substring(1), 16)), r.stitches())
                            : r);
        }
        return new StitchPattern(runs);
    }

    private void tell(SewnTape tape) {
        Sewn sewn = new Sewn(tape.id(), picture(tape), state(tape));
        List<Consumer<Sewn>> all;
        synchronized (this) {
            all = List.copyOf(listeners);
        }
        all.forEach(l -> l.accept(sewn));
    }

    private static ObjectNode state(SewnTape tape) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("id", tape.id())
                .put("state", tape.state().name().toLowerCase(Locale.ROOT))
                .put("moves", tape.moves())
                .put("stitches", tape.stitches())
                .put("of", tape.pattern().count())
                .put("thread", tape.thread())
                .put("threads", tape.pattern().runs().size())
                .put("trims", tape.pattern().trims())
                .put("seconds", Math.round(tape.seconds() * 10) / 10.0);
        tape.log().forEach(l -> node.withArray("log").add(l));
        return node;
    }

    private static byte[] picture(SewnTape tape) {
        Box seen = tape.pattern().extent().orElse(new Box(0, 0, 10, 10)).grown(MARGIN);
        double scale = Math.min(PIXELS, MOST_PIXELS / Math.max(seen.width(), seen.height()));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            PngWriter.write(new SewingPicture(tape.pattern(), seen, scale).after(tape.moves()), PPI, bytes);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    @Override
    public void close() {
        List<SewnTape> all;
        synchronized (this) {
            all = List.copyOf(tapes.values());
        }
        all.forEach(SewnTape::stop);
        server.stop(0);
    }
}
