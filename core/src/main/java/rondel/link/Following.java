package rondel.link;

import rondel.halo.Halos;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.roles.RulesForNew;
import rondel.shapes.Unions;

/** Makes an edit and whatever follows from it: elements that are linked to what was changed are changed with it, and
 *  new ones get the roles that the job's rules say. */
public final class Following {

    private Following() {}

    /** @throws rondel.words.Refusal if the edit can't be made */
    public static Job apply(Operation operation, Job job) {
        Job after = operation.apply(job);
        return after(job, after);
    }

    /** What follows from an edit that has been made. */
    public static Job after(Job job, Job after) {
        return after == job
                ? job
                : RulesForNew.follow(job, Halos.follow(job, Unions.follow(job, Likes.follow(job, after))));
    }
}
