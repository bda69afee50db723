package rondel.formats.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rondel.catalogue.OperationCatalogue;
import rondel.catalogue.OperationKind;
import rondel.catalogue.SampleJob;
import rondel.catalogue.WhatFollows;
import rondel.compose.arrange.Delete;
import rondel.compose.arrange.Move;
import rondel.formats.Fixtures;
import rondel.formats.artwork.ArtworkPlacement;
import rondel.formats.files.WholeFolder;
import rondel.formats.job.JobFile;
import rondel.formats.job.MediaStore;
import rondel.formats.job.OperationJson;
import rondel.history.Editing;
import rondel.history.History;
import rondel.job.ElementId;
import rondel.job.Job;
import rondel.operation.Operation;
import rondel.words.Refusal;

class JournalTest {

    private static final List<ElementId> LEAF = List.of(new ElementId("leaf"));

    @TempDir
    private Path journals;

    @TempDir
    private Path killed;

    private final Editing editing = WhatFollows.editing();

    /** What a kill leaves of the one journal there is: its files, and no lock. */
    private Path killed() throws IOException {
        WholeFolder.delete(killed);
        Files.createDirectories(killed);
        try (Stream<Path> folders = Files.list(journals)) {
            for (Path folder : folders.filter(f -> !f.endsWith("let-go")).toList()) {
                Path copy = Files.createDirectories(killed.resolve(folder.getFileName()));
                try (Stream<Path> files = Files.list(folder)) {
                    for (Path f : files.toList()) {
                        Files.copy(f, copy.resolve(f.getFileName()));
                    }
                }
            }
        }
        return killed;
    }

    private List<LeftOver> found() throws IOException {
        return LeftOver.in(killed(), Assertions::fail);
    }

    private Path edits() throws IOException {
        try (Stream<Path> all = Files.walk(killed)) {
            return all.filter(f -> f.endsWith("edits.jsonl")).findFirst().orElseThrow();
        }
    }

    @Test
    void unsavedWorkComesBackWithItsUndoAndItsPictures() throws Exception {
        Job job = SampleJob.make();
        History history = editing.begin(job);
        try (JournalWriter journal = new JournalWriter(journals, job, Optional.of(Path.of("page.rondel")))) {
            Operation move = new Move(LEAF, 3, 4);
            Operation place = ArtworkPlacement.CENTRED
                    .onto(job.sheets().getFirst(), Fixtures.demo("pictures/sea-wash.png"))
                    .operation();
            for (Operation operation : List.of(move, place, move)) {
                history = history.then(operation);
                journal.done(operation);
            }
            history = history.undo().orElseThrow();
            journal.undone(history.job());
            killed();
        }
        Files.writeString(edits(), "5 1234 {\"operation\":\"mo", StandardOpenOption.APPEND);
        List<LeftOver> found = LeftOver.in(killed, Assertions::fail);
        assertThat(found).hasSize(1);
        assertThat(found.getFirst().history().job()).isEqualTo(history.job());
        assertThat(found.getFirst().history().redo()).isPresent();
        assertThat(found.getFirst().origin().orElseThrow()).isAbsolute();
        assertThat(found.getFirst().lost()).isEqualTo(1);
        found.getFirst().discard();
        assertThat(LeftOver.in(killed, Assertions::fail)).isEmpty();
    }

    @Test
    void undoAfterSavingAndWhatComesThenIsKept() throws Exception {
        Job job = SampleJob.make();
        try (JournalWriter journal = new JournalWriter(journals, job, Optional.empty())) {
            History history = editing.begin(job).then(new Delete(LEAF));
            journal.done(new Delete(LEAF));
            journal.saved(history.job(), Path.of("sample.rondel"));
            assertThat(found()).as("all is saved").isEmpty();
            history = history.undo().orElseThrow();
            journal.undone(history.job());
            for (int i = 0; i < 40; i++) {
                history = history.then(new Move(LEAF, 1, i));
                journal.done(new Move(LEAF, 1, i));
            }
            LeftOver work = found().getFirst();
            assertThat(work.history().job()).isEqualTo(history.job());
            assertThat(work.edits()).isEqualTo(41);
            assertThat(work.origin().orElseThrow())
                    .isEqualTo(Path.of("sample.rondel").toAbsolutePath());
        }
    }

    @Test
    void aLivingWindowsJournalIsNotTakenAndAClosedOneIsGone() {
        JournalWriter journal = new JournalWriter(journals, SampleJob.make(), Optional.empty());
        journal.done(new Move(LEAF, 3, 4));
        assertThat(LeftOver.in(journals, Assertions::fail)).isEmpty();
        journal.close();
        assertThat(journals).isEmptyDirectory();
    }

    @Test
    void aFullDiskLosesNothingOnceThereIsRoomAgain() throws Exception {
        boolean[] full = {true};
        Journal.Tapes tapes = file -> new JournalTape(file) {
            @Override
            void write(FileChannel to, ByteBuffer bytes) throws IOException {
                if (full[0]) {
                    bytes.limit(bytes.limit() / 2);
                    to.write(bytes);
                    throw new IOException("No space left on device");
                }
                super.write(to, bytes);
            }
        };
        History history = editing.begin(SampleJob.make());
        try (JournalWriter journal = new JournalWriter(journals, history.job(), Optional.empty(), tapes)) {
            for (int i = 0; i < 12; i++) {
                full[0] = i < 2 || i > 5 && i < 8;
                Operation move = new Move(LEAF, i, 1);
                history = history.then(move);
                if (full[0]) {
                    assertThatThrownBy(() -> journal.done(move)).isInstanceOf(Refusal.class);
                } else {
                    journal.done(move);
                }
            }
            assertThat(journal.isBehind()).isFalse();
            assertThat(found().getFirst().history().job()).isEqualTo(history.job());
        }
    }

    @Test
    void aDamagedLineEndsWhatIsSureAndSaysSo() throws Exception {
        try (JournalWriter journal = new JournalWriter(journals, SampleJob.make(), Optional.empty())) {
            for (int i = 0; i < 5; i++) {
                journal.done(new Move(LEAF, 1, 0));
            }
            killed();
        }
        List<String> lines = new ArrayList<>(Files.readAllLines(edits()));
        lines.set(3, lines.get(3).replace("1.0", "7.0"));
        Files.write(edits(), lines);
        LeftOver work = LeftOver.in(killed, Assertions::fail).getFirst();
        assertThat(work.edits()).isEqualTo(2);
        assertThat(work.lost()).isEqualTo(3);
    }

    /** Any mix of edits, undo, redo, save and save as, killed after any step. {@code rondel soak edits} plays more. */
    @Test
    void whateverWasDoneAKillGivesBackWhatWasOnTheScreen() throws Exception {
        int histories = Integer.getInteger("rondel.histories", 60);
        for (int seed = 0; seed < histories; seed++) {
            playedAndKilled(seed);
        }
    }

    /** With pictures that are really decoded. */
    private Job asRead(Job job) {
        Path file = killed.resolveSibling("sample.rondel");
        JobFile.write(job, file, Fixtures.PICTURES);
        return JobFile.read(file);
    }

    private static Operation asRead(Operation operation) {
        OperationJson json = new OperationJson(MediaStore.inline());
        return json.read(json.write(operation));
    }

    private void playedAndKilled(long seed) throws Exception {
        Random random = new Random(seed);
        List<OperationKind> kinds = OperationCatalogue.kinds();
        History history = editing.begin(asRead(SampleJob.make()));
        Job saved = history.job();
        int steps = 1 + random.nextInt(30);
        try (JournalWriter journal = new JournalWriter(journals, history.job(), Optional.empty())) {
            for (int i = 0; i < steps; i++) {
                int choice = random.nextInt(10);
                Optional<History> travelled =
                        choice < 2 ? history.undo() : choice == 2 ? history.redo() : Optional.empty();
                if (travelled.isPresent()) {
                    history = travelled.get();
                    if (choice < 2) {
                        journal.undone(history.job());
                    } else {
                        journal.redone(history.job());
                    }
                } else if (choice == 3) {
                    saved = history.job();
                    journal.saved(saved, Path.of("save-" + random.nextInt(2) + ".rondel"));
                } else {
                    Operation operation =
                            asRead(kinds.get(random.nextInt(kinds.size())).example());
                    try {
                        history = history.then(operation);
                        journal.done(operation);
                    } catch (Refusal refused) {
                        assertThat(refused.getMessage()).isNotBlank();
                    }
                }
            }
            List<LeftOver> found = found();
            if (found.isEmpty()) {
                assertThat(history.job())
                        .as("seed " + seed + ": nothing unsaved")
                        .isEqualTo(saved);
            } else {
                assertThat(found.getFirst().history().job()).as("seed " + seed).isEqualTo(history.job());
            }
        }
    }
}
