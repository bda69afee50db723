package rondel.devices.shop;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.random.RandomGenerator;
import rondel.job.Checksum;
import rondel.progress.Advance;
import rondel.progress.Cancellation;
import rondel.words.Refusal;
import rondel.words.Words;

/** Publishes a listing: makes the draft under one idempotency key, sends each file part by part with checksums, those parts only that are not there
 *  yet, and publishes. Whatever is lost, cut off or comes in twice, there is one listing in the end and its files are whole; begun again, it goes on
 *  where it was. */
public final class Publishing {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int PART = 1 << 20;

    private final URI shop;
    private final String token;
    private final Retrying retrying;
    private final int part;

    /** @param shop its address
     *  @param token that the shop knows the person by; never written anywhere from here */
    public Publishing(URI shop, String token) {
        this(
                shop,
                token,
                new Retrying(12, Duration.ofMillis(400), Duration.ofSeconds(30), RandomGenerator.getDefault()),
                PART);
    }

    /** @param retrying how often and after how long something is tried again
     *  @param part how many bytes are sent at a time */
    public Publishing(URI shop, String token, Retrying retrying, int part) {
        this.shop = shop;
        this.token = token;
        this.retrying = retrying;
        this.part = part;
    }

    /** Publishes; slow.
     *
     * @return the listing as the shop has it
     * @throws Refusal if the shop refuses something, or does not answer at last */
    public JsonNode publish(Listing listing) {
        JsonNode made = created(listing);
        String id = made.path("id").asText();
        for (int i = 0; i < listing.files().size(); i++) {
            Cancellation.check();
            Advance.to(i, listing.files().size());
            sent(made, listing.files().get(i));
        }
        return json(retrying.send(request("/listings/" + id + "/publish").POST(HttpRequest.BodyPublishers.noBody()))
                .body());
    }

    private HttpRequest.Builder request(String path) {
        String base = shop.toString().replaceAll("/+$", "");
        return HttpRequest.newBuilder(URI.create(base + path)).header("Authorization", "Bearer " + token);
    }

    private static JsonNode json(String body) {
        try {
            return MAPPER.readTree(body);
        } catch (IOException e) {
            throw new Refusal(Words.of("shop.noJson"), e);
        }
    }

    /** The listing as the shop has it, perhaps from an earlier try. */
    private JsonNode created(Listing listing) {
        ObjectNode asked = JsonNodeFactory.instance
                .objectNode()
                .put("title", listing.title())
                .put("price", listing.price());
        listing.words().forEach(w -> asked.withArray("words").add(w));
        JsonNode answer = json(retrying.send(request("/listings")
                        .header("Idempotency-Key", listing.key())
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(asked.toString())))
                .body());
        if (!answer.path("id").asText().matches("[A-Za-z0-9_-]{1,80}")) {
            throw Refusal.of("shop.noJson");
        }
        return answer;
    }

    private void sent(JsonNode listing, Path file) {
        byte[] bytes = bytes(file);
        String whole = Checksum.of(bytes);
        if (isThere(listing, file, whole)) {
            return;
        }
        String name = URLEncoder.encode(file.getFileName().toString(), StandardCharsets.UTF_8)
                .replace("+", "%20");
        String path = "/listings/" + listing.path("id").asText() + "/files/" + name;
        Map<Integer, String> there = new HashMap<>();
        json(retrying.send(request(path).GET()).body())
                .forEach(n ->
                        there.put(n.path("number").asInt(), n.path("sha256").asText()));
        int parts = Math.max(1, (bytes.length + part - 1) / part);
        for (int i = 0; i < parts; i++) {
            Cancellation.check();
            byte[] one = Arrays.copyOfRange(bytes, i * part, Math.min(bytes.length, (i + 1) * part));
            String sum = Checksum.of(one);
            if (!sum.equals(there.get(i))) {
                retrying.send(request(path + "/parts/" + i)
                        .header("X-Sha256", sum)
                        .PUT(HttpRequest.BodyPublishers.ofByteArray(one)));
            }
        }
        ObjectNode asked =
                JsonNodeFactory.instance.objectNode().put("parts", parts).put("sha256", whole);
        retrying.send(request(path + "/complete").POST(HttpRequest.BodyPublishers.ofString(asked.toString())));
    }

    /** Whether the shop has the file whole, from an earlier try. */
    private static boolean isThere(JsonNode listing, Path file, String whole) {
        for (JsonNode f : listing.path("files")) {
            if (f.path("name").asText().equals(file.getFileName().toString())
                    && f.path("sha256").asText().equals(whole)) {
                return true;
            }
        }
        return false;
    }

    private static byte[] bytes(Path file) {
        try {
            return Files.readAllBytes(file);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        }
    }
}
