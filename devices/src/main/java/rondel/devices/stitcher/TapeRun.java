package rondel.devices.stitcher;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import rondel.formats.dst.DstWriter;
import rondel.progress.Cancellation;
import rondel.run.stitch.StitchPattern;
import rondel.words.Refusal;
import rondel.words.Words;

/** Has a machine sew a tape, and follows it until it is done, stopped, or its thread breaks. */
public final class TapeRun {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final long ASKING = 80;

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(PATIENCE).build();
    private final String machine;
    private final Consumer<Told> progress;

    /** How far a machine has come.
     *
     * @param state {@code sewing}, {@code paused}, {@code broken}, {@code stopped} or {@code done}
     * @param moves of the tape that are made
     * @param stitches how many times the needle went down
     * @param seconds of its time */
    public record Told(String id, String state, int moves, int stitches, int of, double seconds) {

        public boolean isDone() {
            return state.equals("done");
        }

        public boolean isPaused() {
            return state.equals("paused");
        }

        public boolean isBroken() {
            return state.equals("broken");
        }

        /** In a sentence. */
        public String sentence() {
            String key = isDone() || isBroken() || state.equals("stopped") ? state : "sewing";
            return Words.of("stitcher.told." + key, String.valueOf(stitches), String.valueOf(of));
        }
    }

    public TapeRun(String host, int port, Consumer<Told> progress) {
        this.machine = "http://" + host + ":" + port;
        this.progress = progress;
    }

    /** Sends a pattern and follows it.
     *
     * @throws Refusal if there is no machine, or it refuses the tape */
    public Told sew(StitchPattern pattern, String name) {
        String colours = pattern.runs().stream()
                .map(r -> r.thread().hex().substring(0, 7))
                .collect(Collectors.joining(","));
        return follow(told(send(HttpRequest.newBuilder(URI.create(machine + "/tapes"))
                .header("Content-Type", "application/octet-stream")
                .header("Thread-Colours", colours)
                .POST(HttpRequest.BodyPublishers.ofByteArray(DstWriter.bytes(pattern, name))))));
    }

    /** Says that the thread is in again, and follows it further. */
    public Told mended(String id) {
        return follow(told(post(id, "go-on")));
    }

    public void pause(String id) {
        post(id, "pause");
    }

    public void goOn(String id) {
        post(id, "go-on");
    }

    public void stop(String id) {
        post(id, "stop");
    }

    private URI of(String id, String what) {
        return URI.create(machine + "/tapes/" + URLEncoder.encode(id, StandardCharsets.UTF_8) + what);
    }

    private JsonNode post(String id, String what) {
        return send(HttpRequest.newBuilder(of(id, "/" + what)).POST(HttpRequest.BodyPublishers.noBody()));
    }

    /** The picture of what is sewn, as PNG. */
    public byte[] picture(String id) {
        return answer(HttpRequest.newBuilder(of(id, "/picture"))).body();
    }

    private Told follow(Told first) {
        Told now = first;
        while (true) {
            progress.accept(now);
            if (!now.state().equals("sewing") && !now.isPaused()) {
                return now;
            }
            Cancellation.check();
            pause();
            now = told(send(HttpRequest.newBuilder(of(now.id(), ""))));
        }
    }

    private static void pause() {
        try {
            Thread.sleep(ASKING);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new java.util.concurrent.CancellationException();
        }
    }

    private static Told told(JsonNode node) {
        return new Told(
                node.path("id").asText(),
                node.path("state").asText(),
                node.path("moves").asInt(),
                node.path("stitches").asInt(),
                node.path("of").asInt(),
                node.path("seconds").asDouble());
    }

    private JsonNode send(HttpRequest.Builder request) {
        try {
            return MAPPER.readTree(answer(request).body());
        } catch (IOException e) {
            throw new Refusal(Words.of("stitcher.noAnswer", machine), e);
        }
    }

    private HttpResponse<byte[]> answer(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response =
                    client.send(request.timeout(PATIENCE).build(), HttpResponse.BodyHandlers.ofByteArray());
            if (response.statusCode() >= 400) {
                JsonNode said = MAPPER.readTree(response.body());
                throw Refusal.of("stitcher.refuses", said.path("error").asText());
            }
            return response;
        } catch (IOException e) {
            throw new Refusal(Words.of("stitcher.notThere", machine), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new java.util.concurrent.CancellationException();
        }
    }
}
