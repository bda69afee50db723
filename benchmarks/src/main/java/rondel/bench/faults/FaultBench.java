package rondel.bench.faults;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import rondel.formats.files.WholeFolder;

/** {@code rondel bench faults [FILES [HISTORIES [SEED]]]}: damages so many files of every kind together, plays so many
 *  histories, and saves where it can't be saved. */
public final class FaultBench {

    private static final int USUAL_FILES = 10_000;
    private static final int USUAL_HISTORIES = 600;

    private FaultBench() {}

    /** @return how many faults there are */
    public static int run(List<String> args, PrintStream out) throws Exception {
        int files = args.isEmpty() ? USUAL_FILES : Integer.parseInt(args.get(0));
        int histories = args.size() < 2 ? USUAL_HISTORIES : Integer.parseInt(args.get(1));
        long seed = args.size() < 3 ? 1 : Long.parseLong(args.get(2));
        List<String> faults = new ArrayList<>();
        Path folder = Files.createTempDirectory("rondel-faults");
        for (FaultKind kind : FaultKind.values()) {
            int count = files / FaultKind.values().length;
            List<String> found = damaged(kind, seed, count);
            out.printf("%-10s %6d files, %d faults%n", kind, count, found.size());
            faults.addAll(found);
        }
        List<String> played =
                new RandomHistories(Files.createDirectories(folder.resolve("histories"))).faults(seed, histories);
        out.printf("%-10s %6d played and killed, %d faults%n", "histories", histories, played.size());
        faults.addAll(played);
        List<String> saved = new SaveTargets(Files.createDirectories(folder.resolve("saves"))).faults(java());
        out.printf("%-10s %6s, %d faults%n", "saves", "", saved.size());
        faults.addAll(saved);
        WholeFolder.delete(folder);
        faults.forEach(out::println);
        return faults.size();
    }

    private static List<String> damaged(FaultKind kind, long seed, int count) throws IOException, InterruptedException {
        List<String> faults = new ArrayList<>();
        int next = 0;
        while (next < count) {
            List<String> command = new ArrayList<>(java());
            command.addAll(List.of(
                    FaultChild.class.getName(),
                    kind.name(),
                    Long.toString(seed),
                    Integer.toString(next),
                    Integer.toString(count)));
            Process child = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            List<String> said = new String(child.getInputStream().readAllBytes())
                    .lines()
                    .filter(l -> l.startsWith("fault ") || l.startsWith("hang ") || l.startsWith("where"))
                    .toList();
            faults.addAll(said);
            int code = child.waitFor();
            if (code == FaultChild.HUNG) {
                next = Integer.parseInt(said.getLast().split(" ")[2]) + 1;
            } else {
                if (code != 0) {
                    faults.add("fault " + kind + ": the program ended with " + code);
                }
                next = count;
            }
        }
        return faults;
    }

    private static List<String> java() {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx1g",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-cp",
                System.getProperty("java.class.path"));
    }
}
