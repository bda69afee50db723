package rondel.bench;

import java.util.ArrayList;
import java.util.List;

/** From the start of a process to its first usable window, against a bare JavaFX window started the same way. */
final class StartUp {

    private static final int RUNS = 5;

    private StartUp() {}

    static List<Bench.Row> rows() throws Exception {
        List<Double> ours = new ArrayList<>();
        List<Double> bare = new ArrayList<>();
        for (int i = 0; i <= RUNS; i++) {
            double our = untilReady("rondel.launcher.Main", true);
            double peer = untilReady("rondel.bench.BareWindow", false);
            if (i > 0) {
                ours.add(our);
                bare.add(peer);
            }
        }
        return List.of(
                new Bench.Row("time to first usable window, against a bare window", median(ours), median(bare), 1.3));
    }

    private static double untilReady(String main, boolean cached) throws Exception {
        return Launch.untilReady(main, cached, List.of(), List.of());
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().skip(values.size() / 2).findFirst().orElseThrow();
    }
}
