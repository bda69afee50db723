package rondel.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.job.Job;

/** The job as it was, is, or would be again.
 *
 * @param label of the edit that made it so; nothing for how it was opened
 * @param job after that edit
 * @param steps how many edits are to be made again to get there; below 0, how many are to be undone */
public record PastState(Optional<String> label, Job job, int steps) {

    /** All states of a history from the newest that was undone to how the job was opened.
     *
     * @param most how many of the past and how many of what was undone */
    public static List<PastState> of(History history, int most) {
        List<PastState> all = new ArrayList<>();
        Optional<History.Step> next = history.future();
        for (int i = 1; next.isPresent() && i <= most; i++) {
            History.Step step = next.get();
            all.addFirst(new PastState(Optional.of(step.operation().label()), step.job(), i));
            next = step.next();
        }
        Job after = history.job();
        Optional<History.Step> before = history.past();
        int steps = 0;
        for (; before.isPresent() && -steps < most; steps--) {
            all.add(new PastState(Optional.of(before.get().operation().label()), after, steps));
            after = before.get().job();
            before = before.get().next();
        }
        if (before.isEmpty()) {
            all.add(new PastState(Optional.empty(), after, steps));
        }
        return all;
    }
}
