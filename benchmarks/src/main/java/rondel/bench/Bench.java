package rondel.bench;

import java.io.PrintStream;
import java.util.List;
import java.util.Locale;

/** {@code rondel bench}: one row each, ours against a peer in the same run. Figures are ms; what counts is the ratio. */
public final class Bench {

    /** One comparison. */
    public record Row(String name, double ours, double peer, double aim) {}

    private Bench() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        PrintStream out = System.out;
        out.printf(Locale.ROOT, "%-52s %10s %10s %7s  %s%n", "name", "ours", "peer", "ratio", "aim");
        print(out, SmallBenchmarks.rows());
        print(out, StartUp.rows());
        print(out, Frames.rows());
        System.exit(0);
    }

    private static void print(PrintStream out, List<Row> rows) {
        for (Row r : rows) {
            out.printf(
                    Locale.ROOT,
                    "%-52s %10.2f %10.2f %7.2f  at most %.1f%n",
                    r.name,
                    r.ours,
                    r.peer,
                    r.ours / r.peer,
                    r.aim);
        }
    }
}
