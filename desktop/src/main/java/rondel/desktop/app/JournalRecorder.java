package rondel.desktop.app;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.desktop.desk.Notices;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Recorder;
import rondel.formats.journal.JournalWriter;
import rondel.history.History;
import rondel.history.JobState;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Words;

/** Keeps the journal of the job on the bench, on a thread of its own. What can't be written is said once and tried again until
 *  it can. */
public final class JournalRecorder implements Recorder, AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(JournalRecorder.class);

    /** Seconds until what could not be written is tried again. */
    private static final int AGAIN = 5;

    /** The longest that an edit waits for those before it to be on the disk, in ms: a disk that stands still does not stop work for good. */
    private static final int PATIENCE = 5_000;

    private final JournalWriter journal;
    private final Notices notices;
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(r -> {
        Thread t = new Thread(r, "rondel-journal");
        t.setDaemon(true);
        return t;
    });

    /** What was last given to the writer. */
    private volatile Future<?> last = CompletableFuture.completedFuture(null);

    /** Whether the person knows that steps wait; the writer's thread uses it. */
    private boolean failing;

    public JournalRecorder(Path journals, Bench bench, Notices notices) {
        this.notices = notices;
        this.journal = new JournalWriter(journals, bench.job(), bench.file());
        bench.recordTo(this);
        writer.scheduleWithFixedDelay(() -> attempt(journal::write), AGAIN, AGAIN, TimeUnit.SECONDS);
    }

    /** Unsaved edits that come with the job, after a crash, go into the new journal too. */
    @Override
    public void opened(History history, Optional<Path> file) {
        Deque<Operation> edits = new ArrayDeque<>();
        JobState first = history.now();
        for (Optional<History.Step> s = history.past();
                s.isPresent();
                s = s.get().next()) {
            edits.push(s.get().operation());
            first = s.get().after().before().orElseThrow();
        }
        Job from = first.job();
        write(() -> journal.opened(from, List.copyOf(edits), file));
    }

    @Override
    public void done(Operation operation) {
        write(() -> journal.done(operation));
    }

    @Override
    public void undone(Job after) {
        write(() -> journal.undone(after));
    }

    @Override
    public void redone(Job after) {
        write(() -> journal.redone(after));
    }

    @Override
    public void saved(Job job, Path file) {
        write(() -> journal.saved(job, file));
    }

    @Override
    public void awaitKept() {
        try {
            last.get(PATIENCE, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException | CancellationException e) {
            LOG.debug("an edit goes on before those before it are kept", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Runs a step after all edits so far are in the journal. */
    void whenWritten(Runnable step) {
        write(() -> {
            if (!journal.isBehind()) {
                step.run();
            }
        });
    }

    private void write(Runnable step) {
        last = writer.submit(() -> attempt(step));
    }

    private void attempt(Runnable step) {
        try {
            step.run();
            failing = failing && journal.isBehind();
        } catch (RuntimeException e) {
            if (!failing) {
                failing = true;
                LOG.warn("journal", e);
                String why = String.valueOf(e.getMessage());
                Platform.runLater(() -> notices.refuse(Words.of("journal.failed", why)));
            }
        }
    }

    /** Ends the journal for good: the window closes, and what is unsaved was given up. */
    @Override
    public void close() {
        writer.execute(() -> attempt(journal::close));
        writer.shutdown();
        try {
            if (!writer.awaitTermination(10, TimeUnit.SECONDS)) {
                LOG.warn("the journal did not end in time");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
