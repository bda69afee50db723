package rondel.cli;

import java.nio.file.Path;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import rondel.formats.job.JobFile;
import rondel.formats.picture.PictureLevels;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.words.Refusal;

/** The job that a command is about, changed in place unless another file is named. */
final class JobChange {

    @Parameters(index = "0", paramLabel = "JOB", description = "the job file")
    private Path file;

    @Option(names = "-o", paramLabel = "OUT", description = "write here and leave the job as it was")
    private Path target;

    Job read() {
        return JobFile.read(file);
    }

    void write(Job job) {
        JobFile.write(job, target == null ? file : target, PictureLevels.usual());
    }

    /** The sheet by its number from 1. */
    static SheetId sheet(Job job, int number) {
        if (number < 1 || number > job.sheets().size()) {
            throw Refusal.of("cli.noSheetNumber", number, job.sheets().size());
        }
        return job.sheets().get(number - 1).id();
    }
}
