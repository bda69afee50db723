package rondel.cli;

import java.io.PrintStream;
import java.net.URI;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.devices.shop.SetPublishing;
import rondel.devices.shop.ShopTokens;
import rondel.formats.files.OwnFolders;
import rondel.formats.job.JobFile;
import rondel.handoff.sets.ShippedSets;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** Publishes a set of a job in a shop. */
@Command(name = "publish", mixinStandardHelpOptions = true)
final class PublishCommand implements Callable<Integer> {

    private final PrintStream out;
    private final PrintStream err;

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "--to", paramLabel = "URL", required = true)
    private String shop;

    @Option(names = "--set", paramLabel = "NAME")
    private String set = ShippedSets.SHOP_LISTING;

    @Option(names = "--token", paramLabel = "TOKEN")
    private Optional<String> token = Optional.empty();

    @Option(names = "--price", paramLabel = "AMOUNT")
    private String price = "";

    @Option(names = "--words", paramLabel = "WORDS", split = ",")
    private List<String> words = List.of();

    @Mixin
    private MakingHandOff making;

    PublishCommand(PrintStream out, PrintStream err) {
        this.out = out;
        this.err = err;
    }

    @Override
    public Integer call() {
        URI address = SetPublishing.address(shop);
        ShopTokens tokens = new ShopTokens(OwnFolders.shopTokens());
        token.ifPresent(t -> tokens.keep(shop, t));
        String known = tokens.of(shop).orElseThrow(() -> Refusal.of("shop.noToken"));
        Job job = JobFile.read(file);
        SetPublishing.Published done = new SetPublishing(MakingHandOff.run(job, set), job.title(), price, words)
                .publish(address, known, making.mayBeSold());
        done.findings().forEach(f -> err.println(f.sentence()));
        out.println(Words.of(
                "shop.published",
                done.listing().path("id").asText(),
                String.valueOf(done.listing().path("files").size())));
        return 0;
    }
}
