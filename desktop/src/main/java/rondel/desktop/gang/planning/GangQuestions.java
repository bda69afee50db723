package rondel.desktop.gang.planning;

import java.util.Optional;
import rondel.job.Design;
import rondel.job.Job;

/** Questions of the Gang stage that the person must answer before something goes on: by dialogs, or by what a test says. */
public interface GangQuestions {

    /** Which design is meant.
     *
     * @param title of the question
     * @param go what the answer does */
    Optional<Design> design(Job job, String title, String go);

    /** What is on the faces of something folded.
     *
     * @param first what is likely the front
     * @param tag whether it is a tag, else a card */
    Optional<Design> folded(Job job, Optional<Design> first, boolean tag);

    /** A list of names, looked through, matched and kept. */
    void names(NamesModel names);
}
