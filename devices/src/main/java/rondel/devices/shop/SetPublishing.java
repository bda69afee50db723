package rondel.devices.shop;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import rondel.formats.files.WholeFolder;
import rondel.formats.handoff.HandOffRun;
import rondel.lines.check.Finding;
import rondel.words.Refusal;
import rondel.words.Words;

/** A hand-off set made and published in a shop.
 *
 * @param price what it costs, as the shop takes it
 * @param words to be found by */
public record SetPublishing(HandOffRun run, String title, String price, List<String> words) {

    /** What came of it.
     *
     * @param listing as the shop has it
     * @param findings what of the files could not be carried over */
    public record Published(JsonNode listing, List<Finding> findings) {}

    public SetPublishing {
        words = List.copyOf(words);
    }

    /** Makes the files and publishes them; slow.
     *
     * @param confirmed whether the person has said that all of it may be sold
     * @param token that the shop knows the person by
     * @throws Refusal if the set can't be made, or the shop refuses it */
    public Published publish(URI shop, String token, boolean confirmed) {
        try {
            Path made = Files.createTempDirectory("rondel-publish");
            try {
                HandOffRun.Result result = run.make(made, confirmed);
                JsonNode listing =
                        new Publishing(shop, token).publish(new Listing(key(), title, price, words, result.files()));
                return new Published(listing, result.findings());
            } finally {
                WholeFolder.delete(made);
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", title, e.getMessage()), e);
        }
    }

    /** The same job and set are the same listing, from whichever folder and however often they are sent. */
    private String key() {
        return UUID.nameUUIDFromBytes((title + '\0' + run.set().name()).getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    /** @throws Refusal if it is no address of the web */
    public static URI address(String typed) {
        String shop = typed.strip();
        try {
            URI uri = URI.create(shop);
            if (("http".equals(uri.getScheme()) || "https".equals(uri.getScheme())) && uri.getHost() != null) {
                return uri;
            }
        } catch (IllegalArgumentException e) {
            throw new Refusal(Words.of("shop.noAddress", shop), e);
        }
        throw Refusal.of("shop.noAddress", shop);
    }
}
