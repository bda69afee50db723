package rondel.operation;

import java.util.List;
import java.util.Optional;
import rondel.job.ElementId;
import rondel.job.Job;

/** One edit, as a value: a small record that makes a new job out of a job. The same job and the same operation always
 *  give the same result, ids included, so that a journal can be played again. */
public interface Operation {

    /** The job after the edit.
     *
     * @throws rondel.words.Refusal if the edit can't be made; the job given is as it was */
    Job apply(Job job);

    /** A few words for undo and for the journal, from the bundle. */
    String label();

    /** What a person would expect to be selected after the edit, given the job after it; by default what it was about. */
    default List<ElementId> selects(Job before, Job after) {
        return about();
    }

    /** This edit and a next one as a single edit, where the next is of the same kind and about the same elements: a key that is
     *  held makes one edit, not twenty. By default both, in order. */
    default Optional<Operation> mergedWith(Operation next) {
        boolean alike = next.getClass() == getClass() && !about().isEmpty() && about().equals(next.about());
        return alike ? Optional.of(new Together(label(), List.of(this, next))) : Optional.empty();
    }

    /** The elements that the edit is about. */
    default List<ElementId> about() {
        return List.of();
    }
}
