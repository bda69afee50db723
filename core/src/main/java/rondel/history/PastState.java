package rondel.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.job.Job;
import rondel.operation.Operation;

/** The job as it was, is, or would be again.
 *
 * @param label of the edit that made it so; nothing for how it was opened
 * @param state after that edit
 * @param steps how many edits are to be made again to get there; below 0, how many are to be undone */
public record PastState(Optional<String> label, JobState state, int steps) {

    /** The job; it may take a while to get it from where it is kept. */
    public Job job() {
        return state.job();
    }

    /** All states of a history from the newest that was undone to how the job was opened.
     *
     * @param most how many of the past and how many of what was undone */
    public static List<PastState> of(History history, int most) {
        List<PastState> all = new ArrayList<>();
        Optional<History.Undone> next = history.future();
        for (int i = 1; next.isPresent() && i <= most; i++) {
            all.addFirst(of(next.get().after(), i));
            next = next.get().next();
        }
        Optional<JobState> state = Optional.of(history.now());
        for (int steps = 0; state.isPresent() && -steps < most; steps--) {
            all.add(of(state.get(), steps));
            state = state.get().before();
        }
        return all;
    }

    private static PastState of(JobState state, int steps) {
        return new PastState(state.operation().map(Operation::label), state, steps);
    }
}
