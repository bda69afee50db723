package rondel.history;

import rondel.job.Job;

/** Something that follows from edits by itself: elements that are linked to what was changed are changed with it. */
public interface Follower {

    /** The job with what follows from an edit.
     *
     * @param before the job before the edit
     * @param after the job that the edit and the followers before this one made of it */
    Job follow(Job before, Job after);

    /** Works out ahead what edits of a job are likely to need; it may be called off at any time. */
    default void prepare(Job job) {}
}
