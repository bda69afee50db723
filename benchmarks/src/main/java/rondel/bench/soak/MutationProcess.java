package rondel.bench.soak;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import rondel.formats.files.WholeFolder;
import rondel.words.Refusal;

/** Runs trials in a program of its own, which may hang or die: its arguments are the kind, the seed, the first number, and the one
 *  after the last. Says a line for each fault. */
public final class MutationProcess {

    /** What computes longer hangs, in s of the processor: a busy machine makes nothing hang. */
    private static final int LONGEST = 10;

    /** What waits longer hangs, in s of the clock. */
    private static final int LONGEST_WAIT = 60;

    /** The exit code after a hang: the parent goes on with the next. */
    static final int HUNG = 3;

    private MutationProcess() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("java.awt.headless", "true");
        ReadKind kind = ReadKind.valueOf(args[0]);
        long seed = Long.parseLong(args[1]);
        int end = Integer.parseInt(args[3]);
        Path folder = Files.createTempDirectory("rondel-faults");
        List<Path> originals = Originals.of(kind, folder);
        for (int i = Integer.parseInt(args[2]); i < end; i++) {
            System.out.println("at " + i);
            Path original = originals.get(i % originals.size());
            if (!isSound(kind, original, seed, i, folder.resolve("trial"))) {
                System.out.println("hang " + kind + " " + i);
                System.exit(HUNG);
            }
        }
        WholeFolder.delete(folder);
        System.exit(0);
    }

    private static boolean isSound(ReadKind kind, Path original, long seed, int number, Path folder) throws Exception {
        Files.createDirectories(folder);
        Random random = new Random(seed * 1_000_003 + number);
        FutureTask<Void> trial = new FutureTask<>(() -> {
            new Trial(folder).run(kind, original, random);
            return null;
        });
        Thread thread = new Thread(null, trial, "trial", 1 << 20);
        thread.setDaemon(true);
        thread.start();
        try {
            awaitUnlessHanging(trial, thread);
        } catch (TimeoutException e) {
            StringBuilder where = new StringBuilder();
            for (StackTraceElement at : thread.getStackTrace()) {
                where.append(" < ").append(at);
            }
            System.out.println("where" + where.substring(0, Math.min(1500, where.length())));
            return false;
        } catch (ExecutionException e) {
            boolean sentence = e.getCause() instanceof Refusal r
                    && !r.getMessage().isBlank()
                    && !r.getMessage().contains("\n");
            if (!sentence) {
                System.out.println("fault " + kind + " " + number + " " + e.getCause() + " at "
                        + place(e.getCause().getStackTrace()));
            }
        }
        WholeFolder.delete(folder);
        return true;
    }

    private static void awaitUnlessHanging(FutureTask<Void> trial, Thread thread)
            throws InterruptedException, ExecutionException, TimeoutException {
        ThreadMXBean times = ManagementFactory.getThreadMXBean();
        for (int waited = 1; ; waited++) {
            try {
                trial.get(1, TimeUnit.SECONDS);
                return;
            } catch (TimeoutException e) {
                long computed = TimeUnit.NANOSECONDS.toSeconds(times.getThreadCpuTime(thread.threadId()));
                if (computed >= LONGEST || waited >= LONGEST_WAIT) {
                    throw e;
                }
            }
        }
    }

    private static String place(StackTraceElement[] trace) {
        StringBuilder where = new StringBuilder();
        for (int i = 0; i < Math.min(8, trace.length); i++) {
            where.append(i == 0 ? "" : " < ").append(trace[i]);
        }
        return where.toString();
    }
}
