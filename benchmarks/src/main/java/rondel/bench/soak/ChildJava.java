package rondel.bench.soak;

import java.util.List;
import rondel.formats.files.JavaProgram;

/** The command that starts a program of its own with what this one has. */
final class ChildJava {

    /** The heap of a program that lives only some seconds. */
    static final String SMALL = "256m";

    private ChildJava() {}

    static List<String> command(String heap, Class<?> main, String... arguments) {
        // One that lives only some seconds is compiled quickly, not well.
        String tier = "-XX:TieredStopAtLevel=" + (heap.equals(SMALL) ? 1 : 4);
        return JavaProgram.command(List.of("-Xmx" + heap, "-Xlog:disable", tier, "-XX:+UseSerialGC"), main, arguments);
    }
}
