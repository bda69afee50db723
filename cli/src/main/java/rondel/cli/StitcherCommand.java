package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.devices.stitcher.standin.StandInStitcher;
import rondel.devices.stitcher.standin.StitcherBody;
import rondel.formats.files.AtomicFile;
import rondel.run.stitch.SewingMachine;
import rondel.units.LengthUnit;
import rondel.words.Refusal;
import rondel.words.Words;

/** The stand-in for a stitching machine. */
@Command(name = "stitcher", mixinStandardHelpOptions = true)
final class StitcherCommand implements Callable<Integer> {

    private final PrintStream out;

    @Mixin
    private StandInPlace place;

    @Option(names = "--speed", paramLabel = "N")
    private double speed = SewingMachine.USUAL.stitchesPerMinute();

    @Option(names = "--field", paramLabel = "WxH", converter = TypedSize.Converter.class)
    private Optional<TypedSize> field = Optional.empty();

    @Option(names = "--pace", paramLabel = "N")
    private double pace;

    @Option(names = "--break-at", paramLabel = "N")
    private Optional<Integer> breakAt = Optional.empty();

    @Option(names = "--once")
    private boolean once;

    StitcherCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        if (!(speed >= 1 && speed <= MOST_SPEED)) {
            throw Refusal.of("stitcher.speed", MOST_SPEED);
        }
        Path folder = place.folder();
        SewingMachine usual = SewingMachine.USUAL;
        StitcherBody body = StitcherBody.USUAL
                .withSpeeds(new SewingMachine(speed, usual.jump(), usual.trim(), usual.change()))
                .withPace(pace)
                .withBreakAt(breakAt.map(OptionalInt::of).orElse(OptionalInt.empty()));
        StitcherBody sized = field.map(f -> f.mm(LengthUnit.MM))
                .map(s -> body.withField(s.x(), s.y()))
                .orElse(body);
        CountDownLatch ended = new CountDownLatch(1);
        try (StandInStitcher machine = place.open((address, port) -> new StandInStitcher(address, port, sized))) {
            machine.onSewn(s -> {
                write(s, folder);
                if (once) {
                    ended.countDown();
                }
            });
            out.println(Words.of("stitcher.listens", String.valueOf(machine.port())));
            out.flush();
            ended.await();
            // The sender asks once more how it ended.
            Thread.sleep(LAST_QUESTION);
        }
        return 0;
    }

    private static final double MOST_SPEED = 2000;
    private static final long LAST_QUESTION = 600;

    private void write(StandInStitcher.Sewn sewn, Path folder) {
        int n = 1;
        while (Files.exists(folder.resolve("sewn-" + n + ".png"))) {
            n++;
        }
        Path png = folder.resolve("sewn-" + n + ".png");
        Path json = folder.resolve("sewn-" + n + ".json");
        AtomicFile.write(png, o -> o.write(sewn.picture()));
        AtomicFile.write(json, o -> o.write(sewn.told().toPrettyString().getBytes(StandardCharsets.UTF_8)));
        out.println(png);
        out.println(json);
        out.flush();
    }
}
