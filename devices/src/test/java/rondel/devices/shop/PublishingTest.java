package rondel.devices.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.InetAddress;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;
import rondel.words.Refusal;

/** Whatever happens between desk and shop: one listing in the end, and all its files whole. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class PublishingTest {

    private static final String TOKEN = "a token";

    @TempDir
    Path folder;

    private Listing listing() throws Exception {
        Random random = new Random(3);
        byte[] large = new byte[5000];
        random.nextBytes(large);
        Path picture = Files.write(folder.resolve("low tide, 1.png"), large);
        Path list = Files.writeString(folder.resolve("contents.csv"), "Kind,Thing\r\n");
        return new Listing("key-1", "Low tide stickers", "4.50", List.of("tide", "stickers"), List.of(picture, list));
    }

    private StandInShop shop(ShopFaults faults) throws Exception {
        return new StandInShop(InetAddress.getLoopbackAddress(), 0, TOKEN, Optional.empty(), faults);
    }

    private static Publishing to(StandInShop shop, int tries, long seed) {
        return new Publishing(
                URI.create("http://localhost:" + shop.port()),
                TOKEN,
                new Retrying(tries, Duration.ofMillis(1), Duration.ofMillis(8), new Random(seed)),
                700);
    }

    @Test
    void aListingIsMadeFilledAndPublished() throws Exception {
        try (StandInShop shop = shop(ShopFaults.NONE)) {
            JsonNode made = to(shop, 3, 1).publish(listing());
            assertThat(made.path("status").asText()).isEqualTo("published");
            assertThat(made.path("files")).hasSize(2);
            assertThat(shop.file("listing-1", "low tide, 1.png").orElseThrow())
                    .isEqualTo(Files.readAllBytes(folder.resolve("low tide, 1.png")));
        }
    }

    @Test
    void afterAnyFaultsThereIsOneListingWithWholeFiles() throws Exception {
        Listing listing = listing();
        for (int seed = 0; seed < 60; seed++) {
            try (StandInShop shop = shop(new ShopFaults(0.45, seed, 0.002))) {
                for (int again = 0; again < 20; again++) {
                    try {
                        // Few tries each: it gives up at times, and is begun again.
                        to(shop, 4, seed).publish(listing);
                        break;
                    } catch (Refusal gaveUp) {
                        assertThat(gaveUp.getMessage()).contains("does not answer");
                    }
                }
                assertThat(shop.state()).as("seed " + seed).hasSize(1);
                JsonNode made = shop.state().get(0);
                assertThat(made.path("status").asText()).isEqualTo("published");
                for (Path file : listing.files()) {
                    assertThat(shop.file("listing-1", file.getFileName().toString())
                                    .orElseThrow())
                            .isEqualTo(Files.readAllBytes(file));
                }
            }
        }
    }

    @Test
    void aFileThatChangedBetweenTwoTriesArrivesAsItIsNow() throws Exception {
        Listing listing = listing();
        Path picture = listing.files().getFirst();
        try (StandInShop shop = shop(new ShopFaults(0.5, 5, 0.001))) {
            int gaveUp = 0;
            boolean done = false;
            for (int attempt = 0; attempt < 400 && !done; attempt++) {
                byte[] changed = Files.readAllBytes(picture);
                changed[attempt % changed.length]++;
                Files.write(picture, changed);
                try {
                    to(shop, 2, attempt).publish(listing);
                    done = true;
                } catch (Refusal tooMuch) {
                    assertThat(tooMuch.getMessage()).contains("does not answer");
                    gaveUp++;
                }
            }
            assertThat(gaveUp).isPositive();
            assertThat(shop.file("listing-1", picture.getFileName().toString())).contains(Files.readAllBytes(picture));
        }
    }

    @Test
    void aShopThatDoesNotKnowTheTokenRefusesAtOnceAndTheTokenIsInNoSentence() throws Exception {
        try (StandInShop shop = shop(ShopFaults.NONE)) {
            Publishing wrong = new Publishing(
                    URI.create("http://localhost:" + shop.port()),
                    "secret-of-mine",
                    new Retrying(5, Duration.ofMillis(1), Duration.ofMillis(2), new Random(1)),
                    700);
            assertThatThrownBy(() -> wrong.publish(listing()))
                    .isInstanceOf(Refusal.class)
                    .hasMessageContaining("401")
                    .hasMessageNotContaining("secret");
        }
    }

    @Test
    void tokensAreInAFileThatOnlyThePersonCanRead() throws Exception {
        Path file = folder.resolve("own").resolve("shops");
        ShopTokens tokens = new ShopTokens(file);
        tokens.keep("http://localhost:8080", "a token = with: signs");
        assertThat(new ShopTokens(file).of("http://localhost:8080")).contains("a token = with: signs");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
    }
}
