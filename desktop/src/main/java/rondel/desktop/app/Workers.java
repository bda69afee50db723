package rondel.desktop.app;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Threads for what the toolkit's thread must not do. The newest paint request goes first, as it is what is looked at. All
 *  processors but one paint: the toolkit needs that one for its frames. */
public final class Workers implements AutoCloseable {

    private final ThreadPoolExecutor painting = newestFirst();
    private final ThreadPoolExecutor reading = new ThreadPoolExecutor(
            2, 2, 1, TimeUnit.MINUTES, new LinkedBlockingDeque<>(), r -> thread(r, "rondel-work"));

    /** Work under way that can be called off. */
    public static final class Task {
        private final AtomicBoolean cancelled = new AtomicBoolean();

        public void cancel() {
            cancelled.set(true);
        }

        public boolean isCancelled() {
            return cancelled.get();
        }
    }

    private static Thread thread(Runnable r, String name) {
        Thread t = new Thread(r, name);
        t.setDaemon(true);
        t.setPriority(Thread.NORM_PRIORITY - 1);
        return t;
    }

    private static ThreadPoolExecutor newestFirst() {
        LinkedBlockingDeque<Runnable> stack = new LinkedBlockingDeque<>() {
            private static final long serialVersionUID = 1L;

            @Override
            public boolean offer(Runnable r) {
                return offerFirst(r);
            }
        };
        int threads = Math.max(1, Runtime.getRuntime().availableProcessors() - 1);
        return new ThreadPoolExecutor(threads, threads, 1, TimeUnit.MINUTES, stack, r -> thread(r, "rondel-paint"));
    }

    /** Paints off the toolkit's thread and hands over the result on it, unless it is no longer wanted. */
    public <T> Task paint(Callable<T> work, Consumer<T> done) {
        return submit(painting, work, done, e -> {
            throw new IllegalStateException(e);
        });
    }

    /** Reads, writes or computes off the toolkit's thread; one of the two hears of the end on it. */
    public <T> Task run(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        return submit(reading, work, done, failed);
    }

    private static <T> Task submit(
            ThreadPoolExecutor pool, Callable<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        Task task = new Task();
        pool.execute(() -> {
            if (task.isCancelled()) {
                return;
            }
            try {
                T result = work.call();
                Platform.runLater(() -> {
                    if (!task.isCancelled()) {
                        done.accept(result);
                    }
                });
            } catch (CancellationException e) {
                task.cancel();
            } catch (Exception | StackOverflowError | OutOfMemoryError e) {
                Platform.runLater(() -> failed.accept(e));
            }
        });
        return task;
    }

    @Override
    public void close() {
        painting.shutdownNow();
        reading.shutdown();
    }
}
