package rondel.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import rondel.devices.Misfeed;
import rondel.devices.camera.BedPicture;
import rondel.devices.cutter.standin.CutFiles;
import rondel.devices.cutter.standin.CutterBody;
import rondel.devices.cutter.standin.CutterFaults;
import rondel.devices.cutter.standin.StandInCutter;
import rondel.units.LengthUnit;
import rondel.words.Words;

/** The stand-in for a cutter. */
@Command(name = "cutter", mixinStandardHelpOptions = true)
final class CutterCommand implements Callable<Integer> {

    private final PrintStream out;

    @Mixin
    private StandInPlace place;

    @Option(names = "--offset", paramLabel = "L", converter = TypedLength.Converter.class)
    private Optional<TypedLength> offset = Optional.empty();

    @Option(names = "--misfeed", paramLabel = "X,Y,DEG,SCALE", converter = MisfeedConverter.class)
    private Misfeed misfeed = Misfeed.NONE;

    @Option(names = "--pace", paramLabel = "N")
    private double pace;

    @Option(names = "--drop-after", paramLabel = "BYTES")
    private Optional<Long> dropAfter = Optional.empty();

    @Option(names = "--jam-after", paramLabel = "LINES")
    private Optional<Integer> jamAfter = Optional.empty();

    @Option(names = "--loaded", paramLabel = "PICTURE")
    private Optional<Path> loaded = Optional.empty();

    @Option(names = "--once")
    private boolean once;

    CutterCommand(PrintStream out) {
        this.out = out;
    }

    @Override
    public Integer call() throws InterruptedException, IOException {
        Path folder = place.folder();
        if (loaded.isPresent()) {
            out.println(BedPicture.write(loaded.get(), misfeed, folder));
        }
        CutterBody body = CutterBody.USUAL
                .withBladeOffset(offset.map(o -> o.mm(LengthUnit.MM)).orElse(CutterBody.USUAL.bladeOffset()))
                .withPace(pace);
        CutterFaults faults = new CutterFaults(
                dropAfter.map(OptionalLong::of).orElse(OptionalLong.empty()),
                jamAfter.map(OptionalInt::of).orElse(OptionalInt.empty()),
                false);
        CountDownLatch ended = new CountDownLatch(1);
        CutFiles files = new CutFiles(folder, body);
        try (StandInCutter cutter = open(body, faults)) {
            cutter.onFinished(record -> {
                files.write(record).forEach(out::println);
                out.flush();
                if (once) {
                    ended.countDown();
                }
            });
            out.println(Words.of("cutter.listens", String.valueOf(cutter.port())));
            out.flush();
            ended.await();
        }
        return 0;
    }

    private StandInCutter open(CutterBody body, CutterFaults faults) {
        return place.open((address, port) -> new StandInCutter(address, port, body, misfeed, faults, s -> {
            out.println(s);
            out.flush();
        }));
    }
}
