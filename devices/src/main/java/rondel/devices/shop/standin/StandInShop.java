package rondel.devices.shop.standin;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.Executors;
import rondel.formats.files.AtomicFile;
import rondel.job.Checksum;

/** A small shop over HTTP: listings begin as drafts, get their files part by part with checksums, and are published. It asks for a token, makes
 *  one listing for one idempotency key however often it is asked, and has faults on demand. It listens on the loopback only, unless it is told
 *  otherwise. */
public final class StandInShop implements AutoCloseable {

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int LARGEST_PART = 8 << 20;
    private static final long SLOW = 30;

    private final HttpServer server;
    private final String token;
    private final Optional<Path> folder;
    private final ShopFaults faults;
    private final SplittableRandom chance;
    private final Map<String, StoredListing> listings = new LinkedHashMap<>();
    private final Map<String, String> keys = new HashMap<>();

    /** @param port 0 for any that is free
     *  @param token that senders have to show
     *  @param folder where files of published listings are written; nowhere where none is given */
    public StandInShop(InetAddress address, int port, String token, Optional<Path> folder, ShopFaults faults)
            throws IOException {
        this.token = token;
        this.folder = folder;
        this.faults = faults;
        this.chance = new SplittableRandom(faults.seed());
        server = HttpServer.create(new InetSocketAddress(address, port), 0);
        server.createContext("/", this::handle);
        server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        server.start();
    }

    public int port() {
        return server.getAddress().getPort();
    }

    /** What one can look at: the listings with their states and files. */
    public synchronized ArrayNode state() {
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        listings.values().forEach(l -> all.add(node(l)));
        return all;
    }

    /** The bytes of a file of a listing; nothing where it has none such. */
    public synchronized Optional<byte[]> file(String listing, String name) {
        return Optional.ofNullable(listings.get(listing)).map(l -> l.files().get(name));
    }

    private static ObjectNode node(StoredListing l) {
        ObjectNode node = JsonNodeFactory.instance
                .objectNode()
                .put("id", l.id())
                .put("title", l.title())
                .put("price", l.price())
                .put("status", l.isPublished() ? "published" : "draft");
        l.words().forEach(w -> node.withArray("words").add(w));
        ArrayNode files = node.putArray("files");
        l.files().forEach((name, bytes) -> files.addObject()
                .put("name", name)
                .put("bytes", bytes.length)
                .put("sha256", Checksum.of(bytes)));
        return node;
    }

    /** An answer. */
    private record Answer(int status, String type, byte[] body) {
        static Answer json(int status, JsonNode node) {
            return new Answer(status, "application/json", node.toString().getBytes(StandardCharsets.UTF_8));
        }

        static Answer error(int status, String sentence) {
            return json(status, JsonNodeFactory.instance.objectNode().put("error", sentence));
        }
    }

    private void handle(HttpExchange exchange) throws IOException {
        try (exchange) {
            byte[] body = exchange.getRequestBody().readNBytes(LARGEST_PART + 1);
            ShopFaults.Fault fault = next();
            switch (fault) {
                case CUT -> {
                    return;
                }
                case SERVER_ERROR -> {
                    send(exchange, Answer.error(500, "something went wrong"));
                    return;
                }
                case TOO_MANY -> {
                    exchange.getResponseHeaders().set("Retry-After", String.valueOf(faults.retryAfter()));
                    send(exchange, Answer.error(429, "too many requests"));
                    return;
                }
                case SLOW -> pause();
                default -> {}
            }
            Answer answer = answered(exchange, body);
            if (fault == ShopFaults.Fault.TWICE) {
                answer = answered(exchange, body);
            }
            if (fault != ShopFaults.Fault.LOST_ANSWER) {
                send(exchange, answer);
            }
        }
    }

    private synchronized ShopFaults.Fault next() {
        return faults.of(chance);
    }

    private static void pause() {
        try {
            Thread.sleep(SLOW);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static void send(HttpExchange exchange, Answer answer) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", answer.type());
        exchange.sendResponseHeaders(answer.status(), answer.body().length == 0 ? -1 : answer.body().length);
        exchange.getResponseBody().write(answer.body());
    }

    private Answer answered(HttpExchange exchange, byte[] body) throws IOException {
        String method = exchange.getRequestMethod();
        String[] path = exchange.getRequestURI().getRawPath().substring(1).split("/", -1);
        for (int i = 0; i < path.length; i++) {
            path[i] = URLDecoder.decode(path[i], StandardCharsets.UTF_8);
        }
        if (method.equals("GET") && path.length == 1 && path[0].isEmpty()) {
            return new Answer(
                    200, "text/html; charset=utf-8", ShopPage.of(state()).getBytes(StandardCharsets.UTF_8));
        }
        boolean known = ("Bearer " + token).equals(exchange.getRequestHeaders().getFirst("Authorization"));
        if (!known) {
            return Answer.error(401, "no such token");
        }
        if (!path[0].equals("listings")) {
            return Answer.error(404, "nothing here");
        }
        String route = method + " " + path.length;
        return switch (route) {
            case "GET 1" -> Answer.json(200, state());
            case "POST 1" -> create(exchange.getRequestHeaders().getFirst("Idempotency-Key"), body);
            case "GET 2" -> look(path[1]);
            case "GET 4" -> parts(path[1], path[3]);
            case "PUT 6" -> part(exchange, path, body);
            case "POST 5" -> complete(path[1], path[3], body);
            case "POST 3" -> publish(path[1]);
            default -> Answer.error(404, "nothing here");
        };
    }

    private synchronized Answer create(String key, byte[] body) throws IOException {
        if (key == null || key.isBlank()) {
            return Answer.error(400, "an Idempotency-Key is missing");
        }
        String known = keys.get(key);
        if (known != null) {
            return Answer.json(200, node(listings.get(known)));
        }
        JsonNode asked = MAPPER.readTree(body);
        if (!asked.isObject() || asked.path("title").asText().isBlank()) {
            return Answer.error(400, "a listing needs a title");
        }
        List<String> words = new ArrayList<>();
        asked.path("words").forEach(w -> words.add(w.asText()));
        StoredListing made = new StoredListing(
                "listing-" + (listings.size() + 1),
                asked.path("title").asText(),
                asked.path("price").asText(),
                words);
        listings.put(made.id(), made);
        keys.put(key, made.id());
        return Answer.json(201, node(made));
    }

    private synchronized Answer look(String id) {
        StoredListing l = listings.get(id);
        return l == null ? Answer.error(404, "no such listing") : Answer.json(200, node(l));
    }

    private synchronized Answer parts(String id, String file) {
        StoredListing l = listings.get(id);
        if (l == null) {
            return Answer.error(404, "no such listing");
        }
        ArrayNode parts = JsonNodeFactory.instance.arrayNode();
        l.partsOf(file)
                .forEach((number, bytes) ->
                        parts.addObject().put("number", number).put("sha256", Checksum.of(bytes)));
        return Answer.json(200, parts);
    }

    private synchronized Answer part(HttpExchange exchange, String[] path, byte[] body) {
        StoredListing l = listings.get(path[1]);
        if (l == null || !path[5].matches("\\d{1,6}")) {
            return Answer.error(404, "no such listing or part");
        }
        String said = exchange.getRequestHeaders().getFirst("X-Sha256");
        if (body.length > LARGEST_PART || !Checksum.of(body).equals(said)) {
            return Answer.error(422, "the part is not what its checksum says");
        }
        l.part(path[3], Integer.parseInt(path[5]), body);
        return new Answer(204, "application/json", new byte[0]);
    }

    private synchronized Answer complete(String id, String file, byte[] body) throws IOException {
        StoredListing l = listings.get(id);
        if (l == null) {
            return Answer.error(404, "no such listing");
        }
        JsonNode asked = MAPPER.readTree(body);
        String wanted = asked.path("sha256").asText();
        byte[] there = l.files().get(file);
        if (there != null && Checksum.of(there).equals(wanted)) {
            return Answer.json(200, node(l));
        }
        byte[] joined = l.joined(file, asked.path("parts").asInt());
        if (!Checksum.of(joined).equals(wanted)) {
            return Answer.error(409, "parts are missing");
        }
        l.complete(file, joined);
        return Answer.json(200, node(l));
    }

    private synchronized Answer publish(String id) throws IOException {
        StoredListing l = listings.get(id);
        if (l == null) {
            return Answer.error(404, "no such listing");
        }
        l.publish();
        if (folder.isPresent()) {
            Path own = folder.get().resolve(l.id());
            Files.createDirectories(own);
            for (Map.Entry<String, byte[]> f : l.files().entrySet()) {
                Path target = own.resolve(Path.of(f.getKey()).getFileName());
                AtomicFile.write(target, out -> out.write(f.getValue()));
            }
        }
        return Answer.json(200, node(l));
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
