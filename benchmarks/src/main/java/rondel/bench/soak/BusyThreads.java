package rondel.bench.soak;

import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;

/** What Rondel's threads are at. */
final class BusyThreads {

    private static final int DEEP = 40;

    private BusyThreads() {}

    /** A paragraph for each that works and does not wait, with where it is. */
    static String stacks() {
        return Thread.getAllStackTraces().entrySet().stream()
                .filter(e -> e.getKey().getState() == Thread.State.RUNNABLE)
                .filter(e -> Arrays.stream(e.getValue())
                        .anyMatch(f -> f.getClassName().startsWith("rondel.")))
                .filter(e -> e.getKey() != Thread.currentThread())
                .map(BusyThreads::stack)
                .collect(Collectors.joining());
    }

    private static String stack(Map.Entry<Thread, StackTraceElement[]> thread) {
        return Arrays.stream(thread.getValue())
                .limit(DEEP)
                .map(f -> "\n        " + f)
                .collect(Collectors.joining("", "\n    " + thread.getKey().getName(), ""));
    }
}
