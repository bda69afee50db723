package rondel.history;

import rondel.job.Job;

/** Where jobs of a history are that memory is too dear for. */
public interface JobStore {

    /** A job that can be read again. */
    interface Stored {

        /** The job: equal to the one that was put there.
         *
         * @throws rondel.words.Refusal if it can't be read */
        Job read();
    }

    /** @throws rondel.words.Refusal if it can't be stored */
    Stored put(Job job);
}
