package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;
import rondel.words.Refusal;
import rondel.words.Words;

/** The stand-in for a shop. */
@Command(
        name = "shop",
        mixinStandardHelpOptions = true,
        description = "A stand-in for a shop: takes listings over HTTP, shows them as a page, and writes their files.")
final class ShopCommand implements Callable<Integer> {

    private static final double RETRY_AFTER_S = 1;

    private final PrintStream out;

    @Option(names = "--port", paramLabel = "P", required = true, description = "to listen on; 0 for any that is free")
    private int port;

    @Option(names = "--out", paramLabel = "DIR", required = true, description = "the folder to write to")
    private Path folder;

    @Option(names = "--token", paramLabel = "TOKEN", description = "what it asks for; a new one without it")
    private Optional<String> token = Optional.empty();

    @Option(
            names = "--faults",
            paramLabel = "SHARE",
            description = "the share of requests, from 0 to 1, that are lost, cut off, late, refused or come in twice")
    private double faults;

    @Option(names = "--seed", paramLabel = "N", description = "the same seed, the same faults")
    private long seed = 1;

    @Option(
            names = "--listen",
            paramLabel = "ADDRESS",
            description = "listens for others than this machine, at an address of it")
    private Optional<String> listen = Optional.empty();

    ShopCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        Files.createDirectories(folder);
        String asked = token.orElseGet(() -> UUID.randomUUID().toString());
        try (StandInShop shop = open(asked)) {
            out.println(Words.of("shop.listens", String.valueOf(shop.port()), asked));
            out.flush();
            new CountDownLatch(1).await();
        }
        return 0;
    }

    private StandInShop open(String asked) {
        try {
            InetAddress address =
                    listen.isPresent() ? InetAddress.getByName(listen.get()) : InetAddress.getLoopbackAddress();
            return new StandInShop(
                    address, port, asked, Optional.of(folder), new ShopFaults(faults, seed, RETRY_AFTER_S));
        } catch (IOException e) {
            throw new Refusal(Words.of("device.port", String.valueOf(port), e.getMessage()), e);
        }
    }
}
