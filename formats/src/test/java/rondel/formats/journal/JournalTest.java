package rondel.formats.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Move;
import rondel.formats.Fixtures;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.history.History;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;

class JournalTest {

    @TempDir
    private Path journals;

    @TempDir
    private Path crashed;

    /** What a crash leaves: the files, and no lock. */
    private Path crashed(Journal journal) throws Exception {
        Path copy = crashed.resolve("one");
        Files.createDirectories(copy);
        try (Stream<Path> folders = Files.list(journals)) {
            Path folder = folders.findFirst().orElseThrow();
            try (Stream<Path> files = Files.list(folder)) {
                for (Path f : files.toList()) {
                    Files.copy(f, copy.resolve(f.getFileName()));
                }
            }
        }
        journal.close();
        return copy;
    }

    @Test
    void unsavedWorkComesBackWithItsUndoAndItsPictures() throws Exception {
        Job job = SampleJob.make();
        History history = WhatFollows.editing().begin(job);
        Journal journal = Journal.start(journals, job, Optional.of(Path.of("page.rondel")), Fixtures.PICTURES);
        Operation move = new Move(List.of(new ElementId("leaf")), 3, 4);
        Operation place = ArtworkPlacement.CENTRED
                .onto(job.sheets().getFirst(), Fixtures.demo("pictures/sea-wash.png"))
                .operation();
        for (Operation operation : List.of(move, place, move)) {
            history = history.then(operation);
            journal.done(operation);
        }
        history = history.undo().orElseThrow();
        journal.undone();
        Path left = crashed(journal);
        Files.writeString(left.resolve("edits.jsonl"), "{\"operation\":\"mo", StandardOpenOption.APPEND);

        List<Journal.Recovered> found = Journal.leftOver(left.getParent(), Assertions::fail);
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().history().job()).isEqualTo(history.job());
        assertThat(found.getFirst().history().redo()).isPresent();
        assertThat(found.getFirst().origin().orElseThrow()).isAbsolute();
        found.getFirst().discard();
        assertThat(Journal.leftOver(left.getParent(), Assertions::fail)).isEmpty();
    }

    @Test
    void aLivingWindowsJournalIsNotTakenAndAClosedOneIsGone() {
        Journal journal = Journal.start(journals, SampleJob.make(), Optional.empty(), Fixtures.PICTURES);
        journal.done(new Move(List.of(new ElementId("leaf")), 3, 4));
        assertThat(Journal.leftOver(journals, Assertions::fail)).isEmpty();
        journal.close();
        assertThat(journals).isEmptyDirectory();
    }
}
