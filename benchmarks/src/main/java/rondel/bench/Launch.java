package rondel.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Starts a process as the launcher does and waits for the line {@code ready}. */
final class Launch {

    private Launch() {}

    /** How long a process took, and what it said. */
    record Whole(double ms, List<String> lines) {}

    /** Runs a process to its end, with the cache of classes where there is one. */
    static Whole whole(String main, List<String> arguments) throws Exception {
        List<String> command = command(main, true, List.of());
        command.set(command.indexOf(main) - 1, command.get(command.indexOf(main) - 1) + ":" + bench() + "/*");
        command.addAll(arguments);
        long start = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        List<String> lines;
        try (BufferedReader out = process.inputReader()) {
            lines = out.lines().toList();
        }
        process.waitFor();
        return new Whole((System.nanoTime() - start) / 1e6, lines);
    }

    private static Path bench() {
        return Path.of(System.getProperty("rondel.home")).resolve("benchmarks/target/bench");
    }

    /** @return ms from the start of the process to that line */
    static double untilReady(String main, boolean cached, List<String> options, List<String> arguments)
            throws Exception {
        List<String> command = command(main, cached, options);
        command.addAll(arguments);
        return untilReady(new ProcessBuilder(command));
    }

    /** As {@link #untilReady}, of what is installed.
     *
     * @param program the launcher of a package */
    static double untilReady(Path program) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(program.toString());
        builder.environment().put("JAVA_TOOL_OPTIONS", String.join(" ", noMonitor()));
        return untilReady(builder);
    }

    private static double untilReady(ProcessBuilder builder) throws Exception {
        long start = System.nanoTime();
        Process process = builder.redirectError(ProcessBuilder.Redirect.DISCARD).start();
        try (BufferedReader out = process.inputReader()) {
            String line = out.readLine();
            double ms = (System.nanoTime() - start) / 1e6;
            if (!"ready".equals(line)) {
                throw new IllegalStateException(builder.command() + " said " + line);
            }
            process.waitFor(20, TimeUnit.SECONDS);
            return ms;
        } finally {
            process.destroyForcibly();
        }
    }

    /** Has a window open with no monitor and in a folder of its own, and close once it can be used. */
    private static List<String> noMonitor() throws IOException {
        return List.of(
                "-Dglass.platform=Headless",
                "-Dprism.order=sw",
                "-Drondel.leaveWhenReady=true",
                "-Drondel.state=" + Files.createTempDirectory("rondel-bench"));
    }

    private static List<String> command(String main, boolean cached, List<String> options) throws Exception {
        Path app = Path.of(System.getProperty("rondel.app"));
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED,javafx.graphics",
                "--sun-misc-unsafe-memory-access=allow",
                "--module-path",
                app.resolve("modules").toString(),
                "--add-modules",
                "javafx.controls",
                "-XX:+UseG1GC",
                "-XX:G1HeapRegionSize=1m",
                "-XX:GCTimeRatio=4",
                "-XX:ConcGCThreads=1",
                "-Xlog:disable"));
        command.addAll(noMonitor());
        Path cache = app.resolve("rondel.aot");
        if (cached && Files.exists(cache)) {
            command.add("-XX:AOTCache=" + cache);
        }
        command.addAll(options);
        command.addAll(List.of("-cp", app.resolve("lib") + "/*" + (cached ? "" : ":" + bench() + "/*"), main));
        return command;
    }
}
