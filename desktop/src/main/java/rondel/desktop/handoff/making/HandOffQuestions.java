package rondel.desktop.handoff.making;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import rondel.handoff.ledger.LedgerEntry;
import rondel.job.HandOffSet;

/** Questions of the Hand off stage that the person must answer before something goes on: by dialogs, or by what a test says. */
public interface HandOffQuestions {

    /** A set of the job's own.
     *
     * @param like one that it is filled in with to begin with */
    Optional<HandOffSet> handOffSet(HandOffSet like, String title);

    /** Where the files go.
     *
     * @param suggested the name of the zip, where it is to be one
     * @param zip whether they are packed in one file */
    Optional<Path> handOffTarget(String suggested, boolean zip);

    /** Whether all of it may be sold though the licences do not say so.
     *
     * @param held what is for personal use only, or not known */
    boolean mayBeSold(String set, List<LedgerEntry> held);

    /** Whether a set is to be taken off the job. */
    boolean removeSet(String name);
}
