package rondel.bench;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import rondel.devices.shop.Listing;
import rondel.devices.shop.Publishing;
import rondel.devices.shop.Retrying;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;
import rondel.formats.files.WholeFolder;
import rondel.words.Refusal;

/** Listings published in a shop where something goes wrong with four requests of ten, a thousand times over: how many end otherwise than as one
 *  published listing with whole files. What gives up is begun again, as a person would. */
final class PublishingThroughFaults {

    private static final int SEQUENCES = 1000;
    private static final double FAULTS = 0.4;
    private static final int AGAIN = 20;
    private static final int PART = 700;
    private static final String TOKEN = "bench";

    private int begunAgain;

    private PublishingThroughFaults() {}

    static List<Bench.Row> rows() throws IOException {
        PublishingThroughFaults all = new PublishingThroughFaults();
        Path folder = Files.createTempDirectory("rondel-bench");
        int wrong = 0;
        try {
            byte[] large = new byte[5000];
            new Random(3).nextBytes(large);
            Path picture = Files.write(folder.resolve("low tide.png"), large);
            Path list = Files.writeString(folder.resolve("contents.csv"), "Kind,Thing\r\n");
            Listing listing = new Listing("key", "Low tide", "4.50", List.of("tide"), List.of(picture, list));
            for (int seed = 0; seed < SEQUENCES; seed++) {
                wrong += all.endsWell(listing, seed) ? 0 : 1;
            }
        } finally {
            WholeFolder.delete(folder);
        }
        return List.of(new Bench.Row(
                SEQUENCES + " listings through " + Math.round(FAULTS * 100) + " % faults (" + all.begunAgain
                        + " begun again): wrong in the end / all",
                wrong,
                SEQUENCES,
                0));
    }

    private boolean endsWell(Listing listing, int seed) throws IOException {
        try (StandInShop shop = new StandInShop(
                InetAddress.getLoopbackAddress(), 0, TOKEN, Optional.empty(), new ShopFaults(FAULTS, seed, 0.001))) {
            for (int i = 0; i < AGAIN; i++) {
                Publishing publishing = new Publishing(
                        URI.create("http://localhost:" + shop.port()),
                        TOKEN,
                        new Retrying(6, Duration.ofMillis(1), Duration.ofMillis(6), new Random(seed + 31L * i)),
                        PART);
                try {
                    publishing.publish(listing);
                    return isWhole(shop, listing);
                } catch (Refusal gaveUp) {
                    begunAgain++;
                }
            }
            return false;
        }
    }

    private static boolean isWhole(StandInShop shop, Listing listing) throws IOException {
        JsonNode all = shop.state();
        boolean one = all.size() == 1 && all.get(0).path("status").asText().equals("published");
        for (Path file : listing.files()) {
            byte[] there = shop.file(
                            all.get(0).path("id").asText(), file.getFileName().toString())
                    .orElse(new byte[0]);
            one &= java.util.Arrays.equals(there, Files.readAllBytes(file));
        }
        return one;
    }
}
