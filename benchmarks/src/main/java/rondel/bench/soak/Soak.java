package rondel.bench.soak;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** {@code rondel soak [PART[=COUNT] …] [seed=NUMBER]}: each part as often as is usual, or so many times. Exits with 1 where there is any fault. */
public final class Soak {

    /** A part and how often it is usually done. */
    private record Usual(SoakPart part, int count, String what) {}

    /** So many things a person does in eight hours, at one every two seconds. */
    private static final int EIGHT_HOURS = 8 * 3600 / 2;

    private final Map<String, Usual> parts = new LinkedHashMap<>();

    private Soak() {
        parts.put("files", new Usual(new MutatedFiles(), 10_000, "mutated files over all readers"));
        parts.put(
                "edits",
                new Usual(new RandomHistories(), 100_000, "random operations, undone, redone, killed, saved and read"));
        parts.put("kills", new Usual(new KilledSaves(), 1_000, "kills during saves"));
        parts.put(
                "programs",
                new Usual(new TwoPrograms(), 400, "saves by two programs on one job, which take it from each other"));
        parts.put("places", new Usual(new SavePlaces(), 1, "disks, folders, names and clocks that a save can meet"));
        parts.put(
                "window",
                new Usual(
                        new WindowUse(),
                        EIGHT_HOURS,
                        "things done in the window, as many as a person does in 8 hours"));
    }

    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.exit(run(List.of(args), System.out) == 0 ? 0 : 1);
    }

    /** @return how many faults there are */
    static int run(List<String> args, PrintStream out) throws Exception {
        return new Soak().soaked(args, out);
    }

    private int soaked(List<String> args, PrintStream out) throws Exception {
        Map<String, Integer> wanted = new LinkedHashMap<>();
        long seed = 1;
        for (String arg : args) {
            String[] said = arg.split("=", 2);
            if (said[0].equals("seed")) {
                seed = Long.parseLong(said[1]);
            } else if (parts.containsKey(said[0])) {
                wanted.put(said[0], said.length > 1 ? Integer.parseInt(said[1]) : parts.get(said[0]).count);
            } else {
                out.println("The parts are " + String.join(", ", parts.keySet()) + ".");
                return 1;
            }
        }
        if (wanted.isEmpty()) {
            parts.forEach((name, usual) -> wanted.put(name, usual.count));
        }
        List<String> faults = new ArrayList<>();
        for (Map.Entry<String, Integer> w : wanted.entrySet()) {
            Usual usual = parts.get(w.getKey());
            long start = System.nanoTime();
            SoakPart.Outcome outcome = usual.part.run(w.getValue(), seed);
            out.printf(
                    Locale.ROOT,
                    "%-9s %,7d %s: %d faults, %.0f s%s%n",
                    w.getKey(),
                    w.getValue(),
                    usual.what,
                    outcome.faults().size(),
                    (System.nanoTime() - start) / 1e9,
                    outcome.said().isEmpty() ? "" : "; " + outcome.said());
            faults.addAll(outcome.faults());
        }
        faults.forEach(out::println);
        return faults.size();
    }
}
