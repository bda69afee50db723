package rondel.bench;

import java.io.PrintStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;

/** {@code rondel bench}: one row each, ours against a peer in the same run. Figures are ms; what counts is the ratio. */
public final class Bench {

    /** One comparison. */
    public record Row(String name, double ours, double peer, double aim) {}

    /** Comparisons that are measured together. */
    private interface Rows {
        List<Row> measured() throws Exception;
    }

    private Bench() {}

    /** @param args the sets to measure, by name; all where none is named */
    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Map<String, Rows> sets = new LinkedHashMap<>();
        sets.put("small", SmallBenchmarks::rows);
        sets.put("quick", Quick::rows);
        sets.put("shelf", ShelfSearch::rows);
        sets.put("unite", UnitingGlyphs::rows);
        sets.put("halos", HalosOfStickers::rows);
        sets.put("regroup", RegroupingPieces::rows);
        sets.put("fill", FillingOutlines::rows);
        sets.put("nest", NestingShapes::rows);
        sets.put("gang", GangOfCopies::rows);
        sets.put("cut", CuttingDrawings::rows);
        sets.put("travel", Travelling::rows);
        sets.put("stitch", SewingShapes::rows);
        sets.put("marks", FindingMarks::rows);
        sets.put("hand-off", HandOffOfSheets::rows);
        sets.put("publish", PublishingThroughFaults::rows);
        sets.put("trace", TracingMasks::rows);
        sets.put("sweep", Sweep::rows);
        sets.put("start", StartUp::rows);
        sets.put("frames", Frames::rows);
        sets.put("edits", EditFrames::rows);
        sets.put("answers", FirstAnswers::rows);
        sets.put("growth", Growth::rows);
        sets.put("pictures", ManyPictures::rows);
        sets.put("large", LargeJobs::rows);
        List<String> wanted = args.length == 0 ? List.copyOf(sets.keySet()) : List.of(args);
        if (!sets.keySet().containsAll(wanted)) {
            System.err.println("The sets are " + String.join(", ", sets.keySet()) + ".");
            System.exit(2);
        }
        PrintStream out = System.out;
        out.printf(Locale.ROOT, "%-76s %10s %10s %7s  %s%n", "name", "ours", "peer", "ratio", "aim");
        for (String set : wanted) {
            print(out, sets.get(set).measured());
        }
        System.exit(0);
    }

    /** The least time that work takes in some runs, in ms. */
    static double best(int runs, Supplier<?> work) {
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < runs; i++) {
            long start = System.nanoTime();
            if (work.get() == null) {
                throw new IllegalStateException("no result");
            }
            best = Math.min(best, (System.nanoTime() - start) / 1e6);
        }
        return best;
    }

    private static void print(PrintStream out, List<Row> rows) {
        for (Row r : rows) {
            out.printf(
                    Locale.ROOT,
                    "%-76s %10.2f %10.2f %7.2f  at most %.1f%n",
                    r.name,
                    r.ours,
                    r.peer,
                    r.ours / r.peer,
                    r.aim);
        }
    }
}
