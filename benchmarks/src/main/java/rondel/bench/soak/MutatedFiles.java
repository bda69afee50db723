package rondel.bench.soak;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Damages files of every kind that is read, and takes each from reading to finished files, in a program of its own. */
final class MutatedFiles implements SoakPart {

    /** Which number was tried last when a program ended. */
    private static final String AT = "at ";

    @Override
    public Outcome run(int files, long seed) throws Exception {
        List<String> faults = new ArrayList<>();
        List<String> said = new ArrayList<>();
        for (ReadKind kind : ReadKind.values()) {
            int count = files / ReadKind.values().length;
            int ended = damaged(kind, seed, count, faults);
            said.add(kind.name().toLowerCase(java.util.Locale.ROOT) + " " + count
                    + (ended > 0 ? " (" + ended + " ended the program that tries fonts)" : ""));
        }
        return new Outcome(String.join(", ", said), faults);
    }

    /** @return how many fonts ended the program that tries them, which is what it is there for */
    private static int damaged(ReadKind kind, long seed, int count, List<String> faults)
            throws IOException, InterruptedException {
        int next = 0;
        int ended = 0;
        while (next < count) {
            List<String> command = ChildJava.command(
                    "1g",
                    MutationProcess.class,
                    kind.name(),
                    Long.toString(seed),
                    Integer.toString(next),
                    Integer.toString(count));
            Process child = new ProcessBuilder(command)
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            List<String> lines =
                    new String(child.getInputStream().readAllBytes()).lines().toList();
            lines.stream()
                    .filter(l -> l.startsWith("fault ") || l.startsWith("hang ") || l.startsWith("where"))
                    .forEach(faults::add);
            int at = lines.stream()
                    .filter(l -> l.startsWith(AT))
                    .mapToInt(l -> Integer.parseInt(l.substring(AT.length())))
                    .max()
                    .orElse(count);
            int code = child.waitFor();
            if (code == 0) {
                next = count;
            } else {
                next = at + 1;
                if (code != MutationProcess.HUNG && kind == ReadKind.FONT) {
                    ended++;
                } else if (code != MutationProcess.HUNG) {
                    faults.add("fault " + kind + " " + at + ": the program ended with " + code);
                }
            }
        }
        return ended;
    }
}
