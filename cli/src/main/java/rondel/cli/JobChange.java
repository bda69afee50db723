package rondel.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import rondel.formats.files.FileStamp;
import rondel.formats.files.Replacing;
import rondel.formats.job.JobFile;
import rondel.formats.job.JobLock;
import rondel.formats.picture.PictureLevels;
import rondel.formats.versions.VersionStore;
import rondel.job.Job;
import rondel.job.SheetId;
import rondel.words.Refusal;
import rondel.words.Words;

/** The job that a command is about, changed in place unless another file is named. */
final class JobChange {

    /** How long to wait for another command that changes the same job. */
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    @Option(names = "-o", paramLabel = "OUT")
    private Path target;

    @Mixin
    private Overwriting overwriting;

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    Job read() {
        return JobFile.read(file);
    }

    /** Reads the job, changes it and writes it; in place nobody else can change it meanwhile.
     *
     * @param inputs what else the command reads */
    void make(Collection<Path> inputs, UnaryOperator<Job> change) {
        if (target == null || Overwriting.same(target, file)) {
            inPlace(change);
            return;
        }
        Replacing over = overwriting.check(
                target, Stream.concat(Stream.of(file), inputs.stream()).toList());
        JobFile.write(change.apply(JobFile.read(file)), target, over, PictureLevels.usual());
    }

    private void inPlace(UnaryOperator<Job> change) {
        Optional<JobLock> lock = java.nio.file.Files.exists(file) ? JobLock.take(file, PATIENCE) : Optional.empty();
        try {
            Optional<FileStamp> read = FileStamp.of(file);
            Job changed = change.apply(JobFile.read(file));
            Optional<String> before = kept();
            JobFile.write(changed, file, new Replacing.OnlyWhatWasRead(read), PictureLevels.usual());
            kept().or(() -> before).ifPresent(spec.commandLine().getErr()::println);
        } catch (IOException e) {
            throw new Refusal(Words.of("file.notRead", file, e.getMessage()), e);
        } finally {
            lock.ifPresent(JobLock::close);
        }
    }

    /** Keeps what is in the file as a version, unless it is kept already.
     *
     * @return the sentence on why that could not be; the change itself goes on */
    private Optional<String> kept() {
        try {
            VersionStore.of(file).keep();
            return Optional.empty();
        } catch (Refusal why) {
            return Optional.of(why.getMessage());
        }
    }

    void make(UnaryOperator<Job> change) {
        make(List.of(), change);
    }

    /** The sheet by its number from 1, as it is typed. */
    static SheetId sheet(Job job, String number) {
        if (!number.strip().matches("\\d{1,6}")) {
            throw Refusal.of("cli.noSheetNumber", number.strip(), job.sheets().size());
        }
        return sheet(job, Integer.parseInt(number.strip()));
    }

    /** The sheet by its number from 1. */
    static SheetId sheet(Job job, int number) {
        if (number < 1 || number > job.sheets().size()) {
            throw Refusal.of("cli.noSheetNumber", number, job.sheets().size());
        }
        return job.sheets().get(number - 1).id();
    }
}
