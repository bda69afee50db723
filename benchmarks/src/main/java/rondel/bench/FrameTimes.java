package rondel.bench;

import java.lang.management.ManagementFactory;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.LongSupplier;
import javafx.animation.AnimationTimer;
import rondel.desktop.app.BenchWindow;

/** The times between frames of a window. */
final class FrameTimes {

    private FrameTimes() {}

    /** Takes the times of some frames, in ms.
     *
     * @param each what is done in each frame, given its number
     * @param then hears of them */
    static void measure(int frames, IntConsumer each, Consumer<double[]> then) {
        measure(frames, each, System::nanoTime, then);
    }

    /** As {@link #measure}, of what the toolkit's thread itself has worked in each frame, in ms. */
    static void measureWork(int frames, IntConsumer each, Consumer<double[]> then) {
        measure(frames, each, ManagementFactory.getThreadMXBean()::getCurrentThreadCpuTime, then);
    }

    private static void measure(int frames, IntConsumer each, LongSupplier clock, Consumer<double[]> then) {
        double[] times = new double[frames];
        new AnimationTimer() {
            private int frame = -1;
            private long before;

            @Override
            public void handle(long now) {
                long at = clock.getAsLong();
                if (frame >= 0) {
                    times[frame] = (at - before) / 1e6;
                }
                before = at;
                if (++frame == frames) {
                    stop();
                    then.accept(times);
                } else {
                    each.accept(frame);
                }
            }
        }.start();
    }

    /** Waits until the window has been at rest for some frames. */
    static void calm(BenchWindow window, Runnable then) {
        new AnimationTimer() {
            private int calm;

            @Override
            public void handle(long now) {
                calm = window.isIdle() ? calm + 1 : 0;
                if (calm > 30) {
                    stop();
                    then.run();
                }
            }
        }.start();
    }

    /** The 95th percentile. */
    static double percentile(double[] times) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        return sorted[(int) (sorted.length * 0.95)];
    }
}
