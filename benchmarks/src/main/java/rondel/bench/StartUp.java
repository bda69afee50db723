package rondel.bench;

import java.io.BufferedReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

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
                new Bench.Row("time to first usable window, against a bare window", median(ours), median(bare), 1.6));
    }

    private static double untilReady(String main, boolean cached) throws Exception {
        Path app = Path.of(System.getProperty("rondel.app"));
        Path bench = Path.of(System.getProperty("rondel.home")).resolve("benchmarks/target/bench");
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED,javafx.graphics",
                "--sun-misc-unsafe-memory-access=allow",
                "--module-path",
                app.resolve("modules").toString(),
                "--add-modules",
                "javafx.controls",
                "-XX:+UseSerialGC",
                "-XX:PretenureSizeThreshold=1m",
                "-Xlog:disable",
                "-Dglass.platform=Headless",
                "-Dprism.order=sw",
                "-Drondel.leaveWhenReady=true",
                "-Drondel.state=" + Files.createTempDirectory("rondel-bench")));
        Path cache = app.resolve("rondel.aot");
        if (cached && Files.exists(cache)) {
            command.add("-XX:AOTCache=" + cache);
        }
        command.addAll(List.of("-cp", app.resolve("lib") + "/*" + (cached ? "" : ":" + bench + "/*"), main));
        long start = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (BufferedReader out = process.inputReader()) {
            String line = out.readLine();
            double ms = (System.nanoTime() - start) / 1e6;
            if (!"ready".equals(line)) {
                throw new IllegalStateException(main + " said " + line);
            }
            process.waitFor(20, TimeUnit.SECONDS);
            return ms;
        } finally {
            process.destroyForcibly();
        }
    }

    private static double median(List<Double> values) {
        return values.stream().sorted().skip(values.size() / 2).findFirst().orElseThrow();
    }
}
