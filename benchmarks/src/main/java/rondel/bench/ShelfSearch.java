package rondel.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import rondel.formats.shelf.Shelf;
import rondel.formats.shelf.ShelfQuery;

/** Searches of a shelf of 20,000 things in 40 sets, as somebody types; against the 50 ms that feel like at once. */
final class ShelfSearch {

    private static final int THINGS = 20_000;
    private static final int SETS = 40;
    private static final double AT_ONCE = 50;
    private static final List<String> WORDS = List.of(
            "octopus",
            "whale",
            "kelp",
            "tide",
            "moon",
            "shell",
            "lighthouse",
            "gull",
            "sail",
            "rope",
            "coral",
            "star",
            "wave",
            "sand",
            "crab",
            "ray",
            "buoy",
            "net",
            "pearl",
            "foam");

    private ShelfSearch() {}

    static List<Bench.Row> rows() throws IOException {
        Path folder = Files.createTempDirectory("rondel-bench").resolve("shelf");
        write(folder);
        try (Shelf shelf = Shelf.open(folder)) {
            return List.of(
                    row(shelf, "a word typed letter by letter, worst", "lighthouse"),
                    row(shelf, "two words, worst", "set corner-12"),
                    row(shelf, "nothing typed, everything shown, worst", ""));
        }
    }

    private static Bench.Row row(Shelf shelf, String name, String typed) {
        double worst = 0;
        for (int length = Math.min(1, typed.length()); length <= typed.length(); length++) {
            ShelfQuery query = ShelfQuery.of(typed.substring(0, length));
            double[] times = new double[15];
            for (int i = 0; i < times.length; i++) {
                long start = System.nanoTime();
                if (shelf.search(query).isEmpty()) {
                    throw new IllegalStateException(query.words());
                }
                times[i] = (System.nanoTime() - start) / 1e6;
            }
            Arrays.sort(times);
            worst = Math.max(worst, times[times.length / 2]);
        }
        return new Bench.Row("shelf of 20,000: " + name, worst, AT_ONCE, 1);
    }

    private static void write(Path folder) throws IOException {
        Random random = new Random(7);
        byte[] drawing =
                "<svg xmlns='http://www.w3.org/2000/svg' width='20mm' height='20mm'><path d='M0 0h50v50z'/></svg>"
                        .getBytes(StandardCharsets.UTF_8);
        for (int s = 0; s < SETS; s++) {
            Path set = Files.createDirectories(folder.resolve("Set " + s));
            List<String> told = new ArrayList<>();
            for (int i = 0; i < THINGS / SETS; i++) {
                String name = word(random) + "-" + word(random) + "-" + i;
                Files.write(set.resolve(name + ".svg"), drawing);
                told.add("\"%s.svg\": {\"title\": \"%s\", \"tags\": [\"%s\", \"corner-%d\"]}"
                        .formatted(name, name.replace('-', ' '), word(random), i));
            }
            Files.writeString(set.resolve("about.json"), "{\"things\": {" + String.join(",\n", told) + "}}");
        }
    }

    private static String word(Random random) {
        return WORDS.get(random.nextInt(WORDS.size()));
    }
}
