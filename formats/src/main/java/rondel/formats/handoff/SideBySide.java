package rondel.formats.handoff;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorCompletionService;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import rondel.formats.files.AtomicFile;
import rondel.formats.files.Replacing;
import rondel.formats.png.PixelSize;
import rondel.lines.check.Finding;
import rondel.progress.Advance;

/** Files of a set made side by side, as many at a time as there are processors, but never more pixels at a time than {@link #PIXELS}: however many
 *  files there are, memory stays the same. */
final class SideBySide {

    /** Of 4 bytes each: four letter sheets at 300 ppi. A file with more is made alone. */
    private static final int PIXELS = 36_000_000;

    private static final int MOST_THREADS = 4;

    private final Semaphore pixels = new Semaphore(PIXELS);

    private SideBySide() {}

    /** @return what could not be carried over
     *  @throws CancellationException if this thread is interrupted: all others stop where they next look */
    static List<Finding> make(List<PlannedFile> files, Path folder) {
        int threads = Math.clamp(Runtime.getRuntime().availableProcessors(), 1, Math.min(MOST_THREADS, files.size()));
        SideBySide all = new SideBySide();
        try (ExecutorService pool = Executors.newFixedThreadPool(threads, task -> {
            Thread thread = new Thread(task, "rondel-hand-off");
            thread.setDaemon(true);
            return thread;
        })) {
            return all.make(files, folder, pool);
        }
    }

    private List<Finding> make(List<PlannedFile> files, Path folder, ExecutorService pool) {
        ExecutorCompletionService<List<Finding>> done = new ExecutorCompletionService<>(pool);
        List<Future<List<Finding>>> begun = new ArrayList<>();
        files.forEach(f -> begun.add(done.submit(() -> made(f, folder))));
        List<Finding> findings = new ArrayList<>();
        try {
            for (int i = 0; i < files.size(); i++) {
                done.take().get();
                Advance.to(i + 1, files.size());
            }
            for (Future<List<Finding>> file : begun) {
                findings.addAll(file.get());
            }
            return findings;
        } catch (InterruptedException e) {
            pool.shutdownNow();
            Thread.currentThread().interrupt();
            throw new CancellationException();
        } catch (ExecutionException e) {
            pool.shutdownNow();
            throw e.getCause() instanceof RuntimeException r ? r : new IllegalStateException(e.getCause());
        }
    }

    private List<Finding> made(PlannedFile file, Path folder) throws InterruptedException {
        int share = (int) Math.min(PIXELS, file.pixels().map(SideBySide::count).orElse(0L));
        pixels.acquire(share);
        try {
            List<Finding> findings = new ArrayList<>();
            AtomicFile.write(
                    folder.resolve(file.name()),
                    Replacing.ANYTHING,
                    out -> findings.addAll(file.content().write(out)));
            return findings;
        } finally {
            pixels.release(share);
        }
    }

    private static long count(PixelSize size) {
        return (long) size.width() * size.height();
    }
}
