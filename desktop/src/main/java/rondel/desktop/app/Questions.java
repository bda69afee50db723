package rondel.desktop.app;

import java.util.Optional;
import rondel.desktop.export.ExportChoice;
import rondel.job.Job;

/** Questions that the person must answer before something goes on: by dialogs, or by what a test says. */
public interface Questions {

    /** What to do with work that is not saved. */
    enum Unsaved {
        SAVE,
        DISCARD,
        STAY
    }

    Unsaved unsaved(String title);

    Optional<Job> newJob();

    /** @param anySelected whether exporting only the selection can be chosen */
    Optional<ExportChoice> export(boolean anySelected);

    /** Whether work left over from a crash should be brought back. */
    boolean recover(String title, int edits);
}
