package rondel.history;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How much of a history is in memory: the states nearest to the present, until they take so much; of those beyond, some are stored, and
 *  the others are worked out again from these when they are wanted.
 *
 * @param mostBytes that states other than the present one may take, as {@link JobWeight} tells it
 * @param store where older states are put */
public record HistoryBound(long mostBytes, JobStore store) {

    /** So many steps back and forward are in memory whatever they take, so that undo answers at once. */
    public static final int NEAR = 24;

    /** One of so many states is stored: what lies between is worked out again from it, so many edits at most. Memory is let go of so many at
     *  once, as the oldest of them has nothing in memory from which it could be seen to come again, and is stored. */
    public static final int BETWEEN_STORED = 40;

    /** Lets go what is too much, and gets back what is near. Takes as long as the edits that are made again for it.
     *
     * @return the bytes that states other than the present one take then, as it tells them
     * @throws rondel.words.Refusal if something can't be stored; it stays in memory then */
    public long hold(History history) {
        long past = hold(before(history.now()));
        long future = hold(after(history));
        return past + future;
    }

    /** @param states from the present one outwards */
    private long hold(List<JobState> states) {
        long bytes = 0;
        List<Integer> beyond = new ArrayList<>();
        int unsettled = 0;
        for (int i = 1; i < states.size(); i++) {
            JobState state = states.get(i);
            if (i <= NEAR) {
                state.job();
            }
            if (state.isKept()) {
                long more = state.weight();
                if (i <= NEAR || bytes + more <= mostBytes / 2) {
                    bytes += more;
                } else {
                    beyond.add(i);
                    unsettled += state.comesAgain() ? 0 : 1;
                }
            }
        }
        for (int i : beyond) {
            if (unsettled >= BETWEEN_STORED || states.get(i).comesAgain()) {
                states.get(i).letGo((states.size() - 1 - i) % BETWEEN_STORED == 0, store);
            }
        }
        return bytes;
    }

    private static List<JobState> before(JobState now) {
        List<JobState> states = new ArrayList<>(List.of(now));
        for (Optional<JobState> s = now.before(); s.isPresent(); s = s.get().before()) {
            states.add(s.get());
        }
        return states;
    }

    private static List<JobState> after(History history) {
        List<JobState> states = new ArrayList<>(List.of(history.now()));
        for (Optional<History.Undone> u = history.future();
                u.isPresent();
                u = u.get().next()) {
            states.add(u.get().after());
        }
        return states;
    }
}
