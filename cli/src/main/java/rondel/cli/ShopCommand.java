package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;
import rondel.words.Words;

/** The stand-in for a shop. */
@Command(name = "shop", mixinStandardHelpOptions = true)
final class ShopCommand implements Callable<Integer> {

    private static final double RETRY_AFTER_S = 1;

    private final PrintStream out;

    @Mixin
    private StandInPlace place;

    @Option(names = "--token", paramLabel = "TOKEN")
    private Optional<String> token = Optional.empty();

    @Option(names = "--faults", paramLabel = "SHARE")
    private double faults;

    @Option(names = "--seed", paramLabel = "N")
    private long seed = 1;

    ShopCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        Path folder = place.folder();
        String asked = token.orElseGet(() -> UUID.randomUUID().toString());
        try (StandInShop shop = open(asked, folder)) {
            out.println(Words.of("shop.listens", String.valueOf(shop.port()), asked));
            out.flush();
            new CountDownLatch(1).await();
        }
        return 0;
    }

    private StandInShop open(String asked, Path folder) {
        ShopFaults wrong = new ShopFaults(faults, seed, RETRY_AFTER_S);
        return place.open((address, port) -> new StandInShop(address, port, asked, Optional.of(folder), wrong));
    }
}
