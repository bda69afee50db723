package rondel.formats.journal;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;
import rondel.words.Words;

/**
 * Keeps the journal of the job on the bench, over saves and undone saves: whatever is on the screen can be played again from it.
 * It is begun with the first step, and goes on where a step could not be written once there is room again. An undo or redo that
 * reaches beyond it begins it anew with the job as it is then. Not safe on several threads at once.
 */
public final class JournalWriter implements AutoCloseable {

    /** Lines after which a save begins the journal anew: some seconds to play again. */
    private static final int LONG = 4_000;

    private final Path journals;
    private final Journal.Tapes tapes;
    private final Deque<JournalStep> waiting = new ArrayDeque<>();
    private Optional<Journal> journal = Optional.empty();
    private Job base;
    private Optional<Path> origin;
    private boolean baseUnsaved;

    /** How many steps back, and forward again, can be played from the journal. */
    private int back;

    private int forward;

    /** @param job what is on the bench, with nothing unsaved */
    public JournalWriter(Path journals, Job job, Optional<Path> origin) {
        this(journals, job, origin, JournalTape::new);
    }

    JournalWriter(Path journals, Job job, Optional<Path> origin, Journal.Tapes tapes) {
        this.journals = journals;
        this.tapes = tapes;
        this.base = job;
        this.origin = origin;
    }

    /** Another job is on the bench.
     *
     * @param edits what was done to it and is not in {@code from}
     * @throws Refusal if they can't be written at the moment */
    public void opened(Job job, List<Operation> edits, Optional<Path> from) {
        anew(job, from, !edits.isEmpty());
        edits.forEach(e -> waiting.add(new JournalStep.Edit(e)));
        back = edits.size();
        write();
    }

    /** @throws Refusal if it can't be written at the moment; it is written with the next step, or when asked again */
    public void done(Operation operation) {
        back++;
        forward = 0;
        waiting.add(new JournalStep.Edit(operation));
        write();
    }

    /** @param after the job as it is now
     *  @throws Refusal as {@link #done} */
    public void undone(Job after) {
        if (back == 0) {
            anew(after, origin, true);
        } else {
            back--;
            forward++;
            waiting.add(new JournalStep.Undo());
        }
        write();
    }

    /** @param after the job as it is now
     *  @throws Refusal as {@link #done} */
    public void redone(Job after) {
        if (forward == 0) {
            anew(after, origin, true);
        } else {
            forward--;
            back++;
            waiting.add(new JournalStep.Redo());
        }
        write();
    }

    /** @param job what is in the file now: what is on the bench
     *  @throws Refusal as {@link #done} */
    public void saved(Job job, Path file) {
        boolean nothingToTell = journal.isEmpty() && waiting.isEmpty();
        if (nothingToTell || journal.filter(j -> j.lines() > LONG).isPresent()) {
            anew(job, Optional.of(file), false);
        } else {
            waiting.add(new JournalStep.Saved(file));
        }
        write();
    }

    /** Writes what could not be written before.
     *
     * @throws Refusal if it still can't be */
    public void write() {
        if (waiting.isEmpty() && !(baseUnsaved && journal.isEmpty())) {
            return;
        }
        try {
            if (journal.isEmpty()) {
                journal = Optional.of(Journal.start(journals, base, origin, baseUnsaved, tapes));
            }
            while (!waiting.isEmpty()) {
                journal.get().add(waiting.peek());
                waiting.poll();
            }
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notWritten", journals, e.getMessage()), e);
        }
    }

    /** Whether steps wait to be written. */
    public boolean isBehind() {
        return !waiting.isEmpty();
    }

    private void anew(Job job, Optional<Path> from, boolean unsaved) {
        end();
        base = job;
        origin = from;
        baseUnsaved = unsaved;
        back = 0;
        forward = 0;
    }

    private void end() {
        journal.ifPresent(Journal::close);
        journal = Optional.empty();
        waiting.clear();
    }

    /** Ends the journal for good: what is unsaved was given up on purpose. */
    @Override
    public void close() {
        end();
        baseUnsaved = false;
    }
}
