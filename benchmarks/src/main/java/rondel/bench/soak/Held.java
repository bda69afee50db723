package rondel.bench.soak;

import java.lang.management.ManagementFactory;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.management.JMException;
import javax.management.ObjectName;

/** What is in memory after a collection.
 *
 * @param megabytes of objects that are in use, but for pixels: what the heap takes besides is how far its regions are filled
 * @param pixels megabytes of pictures and of the toolkit's textures: as many as what was shown last takes
 * @param listeners objects by which the toolkit and Rondel tell each other of changes
 * @param nodes of the toolkit's scenes
 * @param jobs and their elements */
record Held(double megabytes, double pixels, long listeners, long nodes, long jobs) {

    private static final Pattern LINE = Pattern.compile("\\s*\\d+:\\s+(\\d+)\\s+\\d+\\s+(\\S+).*");
    private static final Pattern TOTAL = Pattern.compile("Total\\s+\\d+\\s+(\\d+).*");
    private static final Pattern PIXELS = Pattern.compile("\\s*\\d+:\\s+\\d+\\s+(\\d+)\\s+\\[I\\b.*");
    private static final Pattern LISTENERS =
            Pattern.compile(".*(ExpressionHelper|Listener|Subscription|EventHandler|BindingHelper|Observer).*");
    private static final Pattern NODES =
            Pattern.compile("javafx\\.scene\\..*|rondel\\.desktop\\..*(View|Card|Cell|Pane).*");
    private static final Pattern JOBS = Pattern.compile("rondel\\.job\\..*");
    private static final double MB = 1 << 20;

    /** Collects, also what is only kept for as long as there is room for it, and counts. */
    static Held now() {
        letGoOfSoft();
        for (int i = 0; i < 3; i++) {
            System.gc();
        }
        String histogram = histogram();
        double pixels = bytes(histogram, PIXELS) / MB;
        return new Held(
                bytes(histogram, TOTAL) / MB - pixels,
                pixels,
                count(histogram, LISTENERS),
                count(histogram, NODES),
                count(histogram, JOBS));
    }

    /** Asks for more memory than there is, at once: before it is refused, all that is held softly is let go, and no other thread goes without any. */
    private static void letGoOfSoft() {
        try {
            byte[] tooMuch = new byte[Integer.MAX_VALUE - 8];
            throw new IllegalStateException(
                    "a heap of less than 2 GB is wanted, not one that has room for " + tooMuch.length);
        } catch (OutOfMemoryError expected) {
            // As it should be.
        }
    }

    /** As {@code jcmd GC.class_histogram} has it. */
    private static String histogram() {
        try {
            return (String) ManagementFactory.getPlatformMBeanServer()
                    .invoke(
                            new ObjectName("com.sun.management:type=DiagnosticCommand"),
                            "gcClassHistogram",
                            new Object[] {new String[0]},
                            new String[] {String[].class.getName()});
        } catch (JMException e) {
            throw new IllegalStateException(e);
        }
    }

    private static long bytes(String histogram, Pattern line) {
        return histogram
                .lines()
                .map(line::matcher)
                .filter(Matcher::matches)
                .mapToLong(m -> Long.parseLong(m.group(1)))
                .findFirst()
                .orElseThrow();
    }

    private static long count(String histogram, Pattern classes) {
        return histogram
                .lines()
                .map(LINE::matcher)
                .filter(Matcher::matches)
                .filter(m -> classes.matcher(m.group(2)).matches())
                .mapToLong(m -> Long.parseLong(m.group(1)))
                .sum();
    }
}
