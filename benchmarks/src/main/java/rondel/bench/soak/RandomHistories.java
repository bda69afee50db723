package rondel.bench.soak;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.HistoryFile;
import rondel.formats.job.JobFile;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.formats.job.RandomEdits;
import rondel.formats.journal.JournalWriter;
import rondel.formats.journal.LeftOver;
import rondel.formats.picture.PictureLevels;
import rondel.history.History;
import rondel.history.HistoryBound;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

/** Random edits, undo, redo and saves, killed at the end: what is left is what was on the screen, undo goes back to the start and
 *  redo to the end, with a memory that is bounded too, and the saved job reads as it was. */
final class RandomHistories implements SoakPart {

    private static final int STEPS = 40;

    private final OperationJson json = new OperationJson(MediaStore.inline());
    private final PictureLevels pictures = PictureLevels.usual();
    private Path folder;
    private int done;
    private int refused;

    @Override
    public Outcome run(int operations, long seed) throws IOException {
        folder = Files.createTempDirectory("rondel-histories");
        List<String> faults = new ArrayList<>();
        Path sample = folder.resolve("sample.rondel");
        JobFile.write(SampleJob.make(), sample, pictures);
        done = 0;
        refused = 0;
        int histories = 0;
        for (; done + refused < operations; histories++) {
            long of = seed * 1_000_003 + histories;
            try {
                String wrong = played(JobFile.read(sample), new Random(of), new RandomEdits(of));
                if (!wrong.isEmpty()) {
                    faults.add("history " + histories + ": " + wrong);
                }
            } catch (RuntimeException | StackOverflowError e) {
                faults.add("history " + histories + ": " + e);
            }
        }
        WholeFolder.delete(folder);
        return new Outcome(
                done + " made, " + refused + " refused with a sentence, in " + histories + " histories", faults);
    }

    private String played(Job start, Random random, RandomEdits edits) throws IOException {
        Path journals = folder.resolve("journals");
        Path left = folder.resolve("left");
        History history = WhatFollows.editing().begin(start);
        Job saved = start;
        try (JournalWriter journal = new JournalWriter(journals, start, Optional.empty())) {
            for (int i = 1 + random.nextInt(STEPS); i > 0; i--) {
                int choice = random.nextInt(10);
                Optional<History> back = choice < 2 ? history.undo() : Optional.empty();
                Optional<History> forth = choice == 2 ? history.redo() : Optional.empty();
                if (back.isPresent()) {
                    history = back.get();
                    journal.undone(history.job());
                } else if (forth.isPresent()) {
                    history = forth.get();
                    journal.redone(history.job());
                } else if (choice == 3) {
                    saved = history.job();
                    journal.saved(saved, Path.of("saved.rondel"));
                } else {
                    history = edited(history, journal, edits);
                }
            }
            copied(journals, left);
        }
        List<String> unreadable = new ArrayList<>();
        List<LeftOver> found = LeftOver.in(left, unreadable::add);
        Job recovered = found.isEmpty() ? saved : found.getFirst().history().job();
        WholeFolder.delete(left);
        String wrong =
                unreadable.isEmpty() && recovered.equals(history.job()) ? "" : "recovered otherwise " + unreadable;
        try (HistoryFile older = new HistoryFile(folder)) {
            // All memory is let go that may be.
            return wrong + savedAndTravelled(history, start, new HistoryBound(0, older));
        }
    }

    private History edited(History history, JournalWriter journal, RandomEdits edits) throws IOException {
        try {
            Operation operation = json.read(edits.next(history.job()));
            History then = history.then(operation);
            done++;
            journal.done(operation);
            return then;
        } catch (Refusal e) {
            refused++;
            return history;
        }
    }

    private String savedAndTravelled(History end, Job start, HistoryBound bound) {
        Path file = folder.resolve("end.rondel");
        JobFile.write(end.job(), file, pictures);
        String wrong = JobFile.read(file).equals(end.job()) ? "" : " reads otherwise than it was saved";
        History history = end;
        bound.hold(history);
        int steps = 0;
        while (history.undo().isPresent()) {
            history = history.undo().get();
            steps++;
        }
        wrong += history.job().equals(start) ? "" : " is not undone to its start";
        bound.hold(history);
        for (int i = 0; i < steps; i++) {
            history = history.redo().orElseThrow();
        }
        return wrong + (history.job().equals(end.job()) ? "" : " is not redone to its end");
    }

    private static void copied(Path from, Path to) throws IOException {
        Files.createDirectories(to);
        if (!Files.isDirectory(from)) {
            return;
        }
        try (Stream<Path> all = Files.walk(from)) {
            for (Path p : all.filter(Files::isRegularFile).toList()) {
                Path copy = to.resolve(from.relativize(p).toString());
                Files.createDirectories(copy.getParent());
                Files.copy(p, copy);
            }
        }
    }
}
