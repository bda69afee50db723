package rondel.desktop.desk;

import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.Future;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingDeque;
import java.util.concurrent.RejectedExecutionHandler;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import javafx.application.Platform;
import rondel.desktop.model.EditThreads;

/**
 * Threads for what the toolkit's thread must not do, a kind of work each, so that none waits behind another kind: painting,
 * where the newest request goes first, as it is what is looked at, on all processors but one; reading and computing; saving;
 * what views show of the selection; and edits. Whatever work throws, somebody hears of it.
 */
public final class Workers implements AutoCloseable {

    /** What is asked for while the window closes is called off. */
    private static final RejectedExecutionHandler TOO_LATE = (work, pool) -> {
        if (work instanceof Future<?> f) {
            f.cancel(false);
        }
    };

    private static final int COMPUTING = 2;

    private final ThreadPoolExecutor painting = newestFirst();
    private final ThreadPoolExecutor computing = pool("rondel-work", COMPUTING);
    private final ThreadPoolExecutor deriving = pool("rondel-view", 1);
    private final ThreadPoolExecutor saving = new ThreadPoolExecutor(
            0,
            Integer.MAX_VALUE,
            1,
            TimeUnit.MINUTES,
            new SynchronousQueue<>(),
            r -> thread(r, "rondel-save"),
            TOO_LATE);
    private final ThreadPoolExecutor direct = pool("rondel-edit", 1);
    private final ThreadPoolExecutor following = pool("rondel-follow", 1);
    private final ThreadPoolExecutor remembering = pool("rondel-history", 1);
    private final AtomicInteger derived = new AtomicInteger();
    private volatile Consumer<Throwable> unexpected = Workers::toTheThread;

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

    private static ThreadPoolExecutor pool(String name, int threads) {
        return new ThreadPoolExecutor(
                threads, threads, 1, TimeUnit.MINUTES, new LinkedBlockingDeque<>(), r -> thread(r, name), TOO_LATE);
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

    /** Has somebody hear, on the toolkit's thread, of what nobody expects to fail: by default, that thread's own handler. */
    public void onUnexpected(Consumer<Throwable> listener) {
        unexpected = listener;
    }

    private static void toTheThread(Throwable e) {
        Thread thread = Thread.currentThread();
        thread.getUncaughtExceptionHandler().uncaughtException(thread, e);
    }

    /** Where the edits of a bench are worked out. */
    public EditThreads edits() {
        return new EditThreads(direct, following, this::later);
    }

    /** Where the memory of what was done is seen to. */
    public Executor remembering() {
        return remembering;
    }

    /** Paints off the toolkit's thread and hands over the result on it, unless it is no longer wanted. */
    public <T> Task paint(Callable<T> work, Consumer<T> done) {
        return paint(work, done, e -> unexpected.accept(e));
    }

    /** As {@link #paint}; {@code failed} hears where it can't be painted. */
    public <T> Task paint(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        Task task = new Task();
        return submit(painting, task, work, new Ends<>(ifWanted(task, done), ifWanted(task, failed), () -> {}));
    }

    /** Whether something is being painted, or waits for it. */
    public boolean isPainting() {
        return painting.getActiveCount() > 0 || !painting.getQueue().isEmpty();
    }

    private static <T> Consumer<T> ifWanted(Task task, Consumer<T> action) {
        return result -> {
            if (!task.isCancelled()) {
                action.accept(result);
            }
        };
    }

    /** Reads or computes off the toolkit's thread; one of the three hears of the end on it. What was done before it could be
     *  called off counts as done. */
    public <T> Task run(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed, Runnable calledOff) {
        return submit(computing, new Task(), work, new Ends<>(done, failed, calledOff));
    }

    /** Writes or reads a file that somebody waits for; it waits behind no computing. */
    public <T> Task file(Callable<T> work, Consumer<T> done, Consumer<Throwable> failed, Runnable calledOff) {
        return submit(saving, new Task(), work, new Ends<>(done, failed, calledOff));
    }

    /** Works out what a view shows. */
    <T> Task derive(Callable<T> work, Consumer<T> done) {
        derived.incrementAndGet();
        Task task = new Task();
        return submit(
                deriving,
                task,
                work,
                new Ends<>(
                        result -> {
                            derived.decrementAndGet();
                            done.accept(result);
                        },
                        failure -> {
                            derived.decrementAndGet();
                            unexpected.accept(failure);
                        },
                        derived::decrementAndGet));
    }

    /** Whether nothing that a view shows is being worked out. */
    public boolean isDerived() {
        return derived.get() == 0;
    }

    private <T> Task submit(ThreadPoolExecutor pool, Task task, Callable<T> work, Ends<T> ends) {
        AtomicBoolean begun = new AtomicBoolean();
        FutureTask<Object> future =
                new FutureTask<>(() -> {
                    begun.set(true);
                    later(ended(work, ends));
                    return null;
                }) {
                    @Override
                    protected void done() {
                        if (isCancelled() && begun.compareAndSet(false, true)) {
                            later(ends.calledOff);
                        }
                    }
                };
        task.work = future;
        pool.execute(future);
        return task;
    }

    /** Runs an action on the toolkit's thread; what it throws is heard of, and disturbs nothing that comes after. */
    private void later(Runnable action) {
        Platform.runLater(() -> {
            try {
                action.run();
            } catch (Throwable e) {
                unexpected.accept(e);
            }
        });
    }

    private static <T> Runnable ended(Callable<T> work, Ends<T> ends) {
        try {
            T result = work.call();
            return () -> ends.done.accept(result);
        } catch (CancellationException e) {
            return ends.calledOff;
        } catch (Throwable e) {
            return () -> ends.failed.accept(e);
        }
    }

    @Override
    public void close() {
        painting.shutdownNow();
        deriving.shutdownNow();
        following.shutdownNow();
        direct.shutdown();
        remembering.shutdownNow();
        computing.shutdown();
        saving.shutdown();
    }
}
