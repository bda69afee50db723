package rondel.history;

import java.util.List;
import rondel.job.Job;
import rondel.operation.Operation;

/**
 * The one way to make an edit: the operation itself, then what follows from it, in a fixed order. Window, command line,
 * journal and recipes all go through it, so that the same operation on the same job gives the same result everywhere.
 *
 * @param followers in the order in which they follow
 */
public record Editing(List<Follower> followers) {

    public Editing {
        followers = List.copyOf(followers);
    }

    /** The job after an edit and what follows from it.
     *
     * @throws rondel.words.Refusal if the edit can't be made */
    public Job apply(Operation operation, Job job) {
        return follow(job, direct(operation, job));
    }

    /** The job after the edit alone: what a window can show at once.
     *
     * @throws rondel.words.Refusal if the edit can't be made */
    public Job direct(Operation operation, Job job) {
        return operation.apply(job);
    }

    /** What follows from an edit.
     *
     * @param direct what the edit itself made of {@code before} */
    public Job follow(Job before, Job direct) {
        if (direct == before) {
            return before;
        }
        Job done = direct;
        for (Follower follower : followers) {
            done = follower.follow(before, done);
        }
        return done;
    }

    /** Works out ahead what edits of a job are likely to need, so that the first of them is as quick as the next. It may be
     *  called off at any time. */
    public void prepare(Job job) {
        followers.forEach(f -> f.prepare(job));
    }

    /** A job to be edited, with nothing done to it yet. */
    public History begin(Job job) {
        return History.of(job, this);
    }
}
