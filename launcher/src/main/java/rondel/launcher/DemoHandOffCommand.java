package rondel.launcher;

import java.io.PrintStream;
import java.net.InetAddress;
import java.net.URI;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import rondel.desktop.files.DemoJobs;
import rondel.devices.shop.SetPublishing;
import rondel.devices.shop.standin.ShopFaults;
import rondel.devices.shop.standin.StandInShop;
import rondel.formats.fonts.FontsAtHand;
import rondel.formats.handoff.HandOffRun;
import rondel.formats.picture.PictureLevels;
import rondel.handoff.sets.ShippedSets;
import rondel.job.Job;
import rondel.words.Words;

/** The sticker sheet's listing made as files and published in the shop that comes along, though one answer in five is lost or late. */
@Command(name = "hand-off", mixinStandardHelpOptions = true)
final class DemoHandOffCommand implements Callable<Integer> {

    private static final String SET = "Low tide listing";
    private static final double FAULTS = 0.2;
    private static final long SEED = 7;
    private static final double PATIENCE_S = 0.2;

    private final PrintStream out;

    @Option(names = "--out", paramLabel = "DIR")
    private Path folder = Path.of("out", "demo-hand-off");

    DemoHandOffCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws Exception {
        Job job = new DemoJobs.DemoJob("sticker-sheet").read();
        HandOffRun run = new HandOffRun(
                job,
                ShippedSets.named(job, SET),
                PictureLevels.usual(),
                FontsAtHand.usual().get(),
                ZonedDateTime.now());
        run.make(folder.resolve("files"), false).files().forEach(out::println);
        String token = UUID.randomUUID().toString();
        try (StandInShop shop = new StandInShop(
                InetAddress.getLoopbackAddress(),
                0,
                token,
                Optional.of(folder.resolve("shop")),
                new ShopFaults(FAULTS, SEED, PATIENCE_S))) {
            URI address = URI.create("http://localhost:" + shop.port());
            SetPublishing.Published done = new SetPublishing(
                            run, job.title(), "4.50", List.of("stickers", "sea", "planner"))
                    .publish(address, token, false);
            out.println(Words.of(
                    "shop.published",
                    done.listing().path("id").asText(),
                    done.listing().path("files").size()));
        }
        return 0;
    }
}
