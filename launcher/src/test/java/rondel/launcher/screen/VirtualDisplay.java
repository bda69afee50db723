package rondel.launcher.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/** A display server that shows nothing to anybody: Xvfb, as Debian's package {@code xvfb} has it. */
final class VirtualDisplay implements AutoCloseable {

    private final Process server;
    private final String name;

    private VirtualDisplay(Process server, String name) {
        this.server = server;
        this.name = name;
    }

    /** Starts one on a free number, with a screen of 1400 x 900 px.
     *
     * @throws AssertionError saying in one sentence what the machine lacks */
    static VirtualDisplay start() throws IOException, InterruptedException {
        assertThat(Stream.of(System.getenv("PATH").split(":")).anyMatch(p -> Files.isExecutable(Path.of(p, "Xvfb")))
                        && said("ldconfig", "-p").contains("libgtk-3.so.0"))
                .as("The window's test needs Xvfb and GTK 3 (on Debian: apt-get install xvfb libgtk-3-0).")
                .isTrue();
        Process server = new ProcessBuilder(
                        "Xvfb", "-displayfd", "1", "-screen", "0", "1400x900x24", "-nolisten", "tcp")
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        BufferedReader out = server.inputReader(StandardCharsets.US_ASCII);
        String number = out.readLine();
        assertThat(number).as("the number of the display").isNotNull();
        return new VirtualDisplay(server, ":" + number.strip());
    }

    String name() {
        return name;
    }

    private static String said(String... command) throws IOException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    @Override
    public void close() {
        server.destroy();
    }
}
