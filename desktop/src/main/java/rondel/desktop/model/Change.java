package rondel.desktop.model;

/** What of the bench has changed. */
public enum Change {
    /** Other work is on the bench; told before the rest is. */
    WORK,
    /** The job, by an edit, an undo or a redo, or as another was opened. */
    JOB,
    /** What is selected, or which group is open. */
    SELECTION,
    /** Which sheet is shown. */
    SHEET,
    /** The file it is in, and whether it is saved there. */
    FILE
}
