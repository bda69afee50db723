package rondel.history;

import java.lang.ref.WeakReference;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.OptionalLong;
import rondel.job.Job;
import rondel.operation.Operation;

/** A job as it was at one time of its history: a value, whose memory may be let go. It is then read from where it was stored, or worked out
 *  again from the state before it, and is the same job again. Safe on any thread. */
public final class JobState {

    /** How a state came about.
     *
     * @param before the state that the edit was made in */
    private record Edit(Operation operation, JobState before, Editing editing) {}

    private final Optional<Edit> edit;
    private Optional<Job> kept;

    /** The job for as long as anybody else has it: who compares by identity finds the very one. */
    private WeakReference<Job> known;

    private Optional<JobStore.Stored> stored = Optional.empty();

    /** What it takes beyond the state before it, in bytes, once that is known. */
    private OptionalLong weight = OptionalLong.empty();

    /** Whether the edit was seen to make this job of the one before when it is made again. */
    private boolean repeats;

    private JobState(Optional<Edit> edit, Job job) {
        this.edit = edit;
        this.kept = Optional.of(job);
        this.known = new WeakReference<>(job);
    }

    static JobState opened(Job job) {
        return new JobState(Optional.empty(), job);
    }

    JobState then(Operation operation, Job after, Editing editing) {
        return new JobState(Optional.of(new Edit(operation, this, editing)), after);
    }

    /** What made it of the state before; nothing for how the job was opened. */
    public Optional<Operation> operation() {
        return edit.map(Edit::operation);
    }

    /** The state that its edit was made in; nothing for how the job was opened. */
    public Optional<JobState> before() {
        return edit.map(Edit::before);
    }

    /** The job. Takes as long as reading it and the edits since it was stored, where its memory was let go. */
    public Job job() {
        Deque<JobState> missing = new ArrayDeque<>();
        JobState at = this;
        Optional<Job> found = at.atHand();
        while (found.isEmpty()) {
            missing.push(at);
            at = at.edit.orElseThrow().before;
            found = at.atHand();
        }
        Job job = found.get();
        while (!missing.isEmpty()) {
            job = missing.pop().againFrom(job);
        }
        return job;
    }

    /** Whether the job is in memory, so that asking for it takes no time. */
    public synchronized boolean isKept() {
        return kept.isPresent();
    }

    /** What it takes beyond the state before it, in bytes; nothing for how the job was opened. */
    long weight() {
        synchronized (this) {
            if (weight.isPresent()) {
                return weight.getAsLong();
            }
        }
        long found =
                edit.isEmpty() ? 0 : JobWeight.beyond(job(), edit.get().before.job());
        synchronized (this) {
            weight = OptionalLong.of(found);
        }
        return found;
    }

    private synchronized Optional<Job> atHand() {
        if (kept.isEmpty()) {
            kept = Optional.ofNullable(known.get()).or(() -> stored.map(JobStore.Stored::read));
            kept.ifPresent(j -> known = new WeakReference<>(j));
        }
        return kept;
    }

    private synchronized Job againFrom(Job before) {
        if (kept.isEmpty()) {
            Edit made = edit.orElseThrow();
            Job job = made.editing.apply(made.operation, before);
            kept = Optional.of(job);
            known = new WeakReference<>(job);
        }
        return kept.get();
    }

    /** Lets the memory go. The job is stored where it is to be read from there later, where nothing is before it or in memory, and where its
     *  edit makes another job when it is made again.
     *
     * @param read whether it is to be read again, and not worked out
     * @throws rondel.words.Refusal if it can't be stored; it stays in memory then */
    void letGo(boolean read, JobStore store) {
        Optional<Job> job = inMemory();
        if (job.isEmpty()) {
            return;
        }
        boolean needsStore = !comesAgain() && (read || edit.isEmpty() || !repeatsFrom(edit.get(), job.get()));
        Optional<JobStore.Stored> put = needsStore ? Optional.of(store.put(job.get())) : Optional.empty();
        synchronized (this) {
            put.ifPresent(p -> stored = Optional.of(p));
            kept = Optional.empty();
        }
    }

    /** Whether it is known that the job can be read or worked out again. */
    synchronized boolean comesAgain() {
        return repeats || stored.isPresent();
    }

    /** What is before it is not worked out for that. */
    private boolean repeatsFrom(Edit made, Job job) {
        if (!made.before.isKept()) {
            return false;
        }
        boolean same = made.editing.apply(made.operation, made.before.job()).equals(job);
        synchronized (this) {
            repeats = same;
        }
        return same;
    }

    private synchronized Optional<Job> inMemory() {
        return kept;
    }
}
