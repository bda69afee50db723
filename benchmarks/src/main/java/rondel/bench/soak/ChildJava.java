package rondel.bench.soak;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The command that starts a program of its own with what this one has. */
final class ChildJava {

    private ChildJava() {}

    static List<String> command(String heap, Class<?> main, String... arguments) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx" + heap,
                "-Xshare:auto",
                "-Xlog:disable",
                "-XX:TieredStopAtLevel=" + (heap.equals(SMALL) ? 1 : 4),
                "-XX:+UseSerialGC",
                "-Djava.awt.headless=true",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-cp",
                System.getProperty("java.class.path"),
                main.getName()));
        command.addAll(List.of(arguments));
        return command;
    }

    /** The heap of a program that lives only some seconds. */
    static final String SMALL = "256m";
}
