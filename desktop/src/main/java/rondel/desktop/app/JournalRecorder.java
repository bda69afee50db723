package rondel.desktop.app;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import rondel.desktop.desk.Notices;
import rondel.desktop.model.Bench;
import rondel.desktop.model.Recorder;
import rondel.formats.journal.Journal;
import rondel.history.History;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.paint.PictureSource;

/** Keeps the journal of the job on the bench, on a thread of its own: it starts afresh whenever the job is opened or
 *  saved, and is gone once there is nothing unsaved. */
public final class JournalRecorder implements Recorder, AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(JournalRecorder.class);

    private final Path journals;
    private final Bench bench;
    private final PictureSource pictures;
    private final Notices notices;
    private final ExecutorService writer = Executors.newSingleThreadExecutor(r -> {
        Thread t = new Thread(r, "rondel-journal");
        t.setDaemon(true);
        return t;
    });
    private Optional<Journal> journal = Optional.empty();
    private Job base;
    private Optional<Path> origin;

    public JournalRecorder(Path journals, Bench bench, PictureSource pictures, Notices notices) {
        this.journals = journals;
        this.bench = bench;
        this.pictures = pictures;
        this.notices = notices;
        this.base = bench.job();
        this.origin = bench.file();
        bench.recordTo(this);
        bench.onChange(this::settled);
    }

    /** When all is saved, or another job is open, what was written so far is no longer needed. */
    private void settled() {
        if (!bench.unsaved() && bench.job() != base) {
            base = bench.job();
            origin = bench.file();
            write(this::end);
        }
    }

    /** Unsaved edits that come with the job, after a crash, go into the new journal too. */
    @Override
    public void opened(History history, Optional<Path> file) {
        write(this::end);
        Deque<Operation> edits = new ArrayDeque<>();
        base = history.job();
        origin = file;
        for (Optional<History.Step> s = history.past();
                s.isPresent();
                s = s.get().next()) {
            edits.push(s.get().operation());
            base = s.get().job();
        }
        edits.forEach(this::done);
    }

    @Override
    public void done(Operation operation) {
        Job from = base;
        Optional<Path> file = origin;
        write(() -> {
            if (journal.isEmpty()) {
                journal = Optional.of(Journal.start(journals, from, file, pictures));
            }
            journal.get().done(operation);
        });
    }

    @Override
    public void undone() {
        write(() -> journal.ifPresent(Journal::undone));
    }

    @Override
    public void redone() {
        write(() -> journal.ifPresent(Journal::redone));
    }

    /** Runs a step after all edits so far are in the journal. */
    void whenWritten(Runnable step) {
        write(step);
    }

    private void end() {
        journal.ifPresent(Journal::close);
        journal = Optional.empty();
    }

    private void write(Runnable step) {
        writer.execute(() -> {
            try {
                step.run();
            } catch (RuntimeException e) {
                LOG.warn("journal", e);
                javafx.application.Platform.runLater(
                        () -> notices.refuse(rondel.words.Words.of("journal.failed", String.valueOf(e.getMessage()))));
            }
        });
    }

    /** Ends the journal for good: the window closes, and what is unsaved was given up. */
    @Override
    public void close() {
        writer.execute(this::end);
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
