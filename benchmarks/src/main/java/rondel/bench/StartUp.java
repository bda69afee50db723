package rondel.bench;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** From the start of a process to its first usable window, against a bare JavaFX window started the same way; of a package too, where {@code RONDEL_IMAGE}
 *  says where one is unpacked. */
final class StartUp {

    private static final int RUNS = 5;

    /** So many times as long as a bare window, at most. */
    private static final double MOST = 1.3;

    private StartUp() {}

    static List<Bench.Row> rows() throws Exception {
        Optional<Path> image =
                Optional.ofNullable(System.getenv("RONDEL_IMAGE")).map(f -> Path.of(f, "bin/rondel"));
        List<Double> ours = new ArrayList<>();
        List<Double> packaged = new ArrayList<>();
        List<Double> bare = new ArrayList<>();
        for (int i = 0; i <= RUNS; i++) {
            double our = untilReady("rondel.launcher.Main", true);
            double installed = image.isPresent() ? Launch.untilReady(image.get()) : 0;
            double peer = untilReady("rondel.bench.BareWindow", false);
            if (i > 0) {
                ours.add(our);
                packaged.add(installed);
                bare.add(peer);
            }
        }
        List<Bench.Row> rows = new ArrayList<>();
        rows.add(row("time to first usable window, against a bare window", ours, bare));
        if (image.isPresent()) {
            rows.add(row("the same, of the package that is installed", packaged, bare));
        }
        return rows;
    }

    private static Bench.Row row(String what, List<Double> ours, List<Double> bare) {
        return new Bench.Row(what, median(ours), median(bare), MOST);
    }

    private static double untilReady(String main, boolean cached) throws Exception {
        return Launch.untilReady(main, cached, List.of(), List.of());
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().skip(values.size() / 2).findFirst().orElseThrow();
    }
}
