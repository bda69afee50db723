package rondel.desktop.files;

import java.nio.file.Path;
import rondel.formats.job.JobRepair;
import rondel.words.Refusal;

/** What comes of opening a job file: the job, or what could be got out of a damaged one. */
sealed interface JobReading {

    /** A job as it was saved. */
    record Whole(HeldFile.Opened opened) implements JobReading {}

    /** A damaged file, which stays as it is.
     *
     * @param why the sentence on what is wrong with it */
    record Damaged(String why, JobRepair.Repaired repaired) implements JobReading {}

    /** @throws Refusal if it can't be read, and nothing can be got out of it */
    static JobReading of(Path file) {
        try {
            return new Whole(HeldFile.read(file));
        } catch (Refusal why) {
            return new Damaged(why.getMessage(), repaired(file, why));
        }
    }

    private static JobRepair.Repaired repaired(Path file, Refusal why) {
        try {
            return JobRepair.of(file);
        } catch (Refusal nothing) {
            throw why;
        }
    }
}
