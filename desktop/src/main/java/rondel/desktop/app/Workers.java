package rondel.desktop.app;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.RejectedExecutionHandler;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import javafx.application.Platform;

/** Threads for what the toolkit's thread must not do. The newest paint request goes first, as it is what is looked at. All
 *  processors but one paint: the toolkit needs that one for its frames. */
public final class Workers implements AutoCloseable {

    /** What is asked for while the window closes is called off. */
    private static final RejectedExecutionHandler TOO_LATE = (work, pool) -> ((Future<?>) work).cancel(false);

    private final ThreadPoolExecutor painting = newestFirst();
    private final ThreadPoolExecutor reading = new ThreadPoolExecutor(
            2, 2, 1, TimeUnit.MINUTES, new LinkedBlockingDeque<>(), r -> thread(r, "rondel-work"), TOO_LATE);

    /** Work under way that can be called off: its thread is interrupted, and it ends where it next looks. */
    public static final class Task {
        private volatile Future<?> work = CompletableFuture.completedFuture(null);

        public void cancel() {
            work.cancel(true);
        }

        boolean isCancelled() {
            return work.isCancelled();
        }
    }

    /** Who hears, on the toolkit's thread, of the one end that work has. */
    private record Ends<T>(Consumer<T> done, Consumer<Throwable> failed, Runnable calledOff) {}

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
        return new ThreadPoolExecutor(
                threads, threads, 1, TimeUnit.MINUTES, stack, r -> thread(r, "rondel-paint"), TOO_LATE);
    }

    /** Paints off the toolkit's thread and hands over the result on it, unless it is no longer wanted. */
    public <T> Task paint(Callable<T> work, Consumer<T> done) {
        Task task = new Task();
        Consumer<T> ifWanted = result -> {
            if (!task.isCancelled()) {
                done.accept(result);
            }
        };
        Consumer<Throwable> failed = e -> {
            if (!task.isCancelled()) {
                throw new IllegalStateException(e);
            }
        };
        return submit(painting, task, work, new Ends<>(ifWanted, failed, () -> {}));
    }

    /** Reads, writes or computes off the toolkit's thread; one of the three hears of the end on it. What was done before
     *  it could be called off counts as done. */
    public <T> Task run(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed, Runnable calledOff) {
        return submit(reading, new Task(), work, new Ends<>(done, failed, calledOff));
    }

    private static <T> Task submit(ThreadPoolExecutor pool, Task task, Callable<T> work, Ends<T> ends) {
        AtomicBoolean begun = new AtomicBoolean();
        FutureTask<Object> future =
                new FutureTask<>(() -> {
                    begun.set(true);
                    Platform.runLater(ended(work, ends));
                    return null;
                }) {
                    @Override
                    protected void done() {
                        if (isCancelled() && begun.compareAndSet(false, true)) {
                            Platform.runLater(ends.calledOff);
                        }
                    }
                };
        task.work = future;
        pool.execute(future);
        return task;
    }

    private static <T> Runnable ended(Callable<T> work, Ends<T> ends) {
        try {
            T result = work.call();
            return () -> ends.done.accept(result);
        } catch (CancellationException e) {
            return ends.calledOff;
        } catch (Exception | StackOverflowError | OutOfMemoryError e) {
            return () -> ends.failed.accept(e);
        }
    }

    @Override
    public void close() {
        painting.shutdownNow();
        reading.shutdown();
    }
}
