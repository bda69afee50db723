package rondel.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.Executors;
import rondel.catalogue.SampleJob;
import rondel.compose.arrange.Move;
import rondel.desktop.desk.Notices;
import rondel.desktop.model.Bench;
import rondel.desktop.model.EditThreads;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;

/** A program that makes an edit, and ends without a word while it works out the next, as where native code fails. Its argument is where its journal is. */
final class CrashingProgram {

    private record Crashing() implements Operation {

        @Override
        public Job apply(Job job) {
            Runtime.getRuntime().halt(3);
            return job;
        }

        @Override
        public String label() {
            return "";
        }
    }

    private CrashingProgram() {}

    public static void main(String[] args) {
        Executor window = Executors.newSingleThreadExecutor();
        EditThreads threads =
                new EditThreads(Executors.newSingleThreadExecutor(), Executors.newSingleThreadExecutor(), window);
        window.execute(() -> {
            Bench bench = new Bench(SampleJob.make(), threads);
            new JournalRecorder(Path.of(args[0]), bench, new Notices());
            bench.perform(new Move(List.of(new ElementId("leaf")), 10, 20));
            bench.perform(new Crashing());
        });
    }
}
