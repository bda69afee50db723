package rondel.desktop.files;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import rondel.desktop.desk.Desk;
import rondel.desktop.desk.Progress;
import rondel.desktop.model.Bench;
import rondel.formats.versions.Version;
import rondel.formats.versions.VersionStore;
import rondel.history.History;
import rondel.history.PastState;
import rondel.words.Words;

/** What the window does with earlier states of its job: those of this session, and those that were saved. */
public final class EarlierActions {

    /** So many edits can be looked through, back and forward. */
    private static final int MOST_STATES = 200;

    private final Desk desk;
    private final Questions questions;
    private final Progress progress;
    private final Consumer<Version> open;

    /** @param open opens a version as a job that has no file yet */
    EarlierActions(Desk desk, Questions questions, Progress progress, Consumer<Version> open) {
        this.desk = desk;
        this.questions = questions;
        this.progress = progress;
        this.open = open;
    }

    /** Shows what was done, and goes back or forward to what is chosen of it. */
    public void history() {
        Bench bench = desk.bench();
        bench.whenSettled(() -> {
            History asked = bench.history();
            List<PastState> states = PastState.of(asked, MOST_STATES);
            questions
                    .state(states, new StatePictures(bench.sheet().id(), desk.pictures(), desk.workers()))
                    .ifPresent(
                            s -> progress.run(Words.of("progress.goingBack"), s::job, job -> travel(asked, s.steps())));
        });
    }

    /** The job that it leads to is in memory by now; what was done meanwhile is not undone for it. */
    private void travel(History asked, int steps) {
        if (desk.bench().history() != asked) {
            desk.notices().refuse(Words.of("notice.changedMeanwhile", Words.of("progress.goingBack")));
            return;
        }
        for (int i = 0; i < Math.abs(steps); i++) {
            if (steps < 0) {
                desk.bench().undo();
            } else {
                desk.bench().redo();
            }
        }
    }

    /** Shows what was saved of the job before, to be compared with it and opened. */
    public void versions() {
        Optional<Path> file = desk.bench().file();
        if (file.isEmpty()) {
            desk.notices().refuse(Words.of("versions.notSaved"));
            return;
        }
        VersionStore store = VersionStore.of(file.get());
        progress.runFile(Words.of("progress.versions"), store::all, all -> {
            if (all.isEmpty()) {
                desk.notices().refuse(Words.of("versions.none", file.get().getFileName()));
            } else {
                VersionPictures pictures =
                        new VersionPictures(desk.bench().job(), desk.bench().sheet(), desk.pictures(), desk.workers());
                questions.version(all, pictures).ifPresent(open);
            }
        });
    }

    /** Keeps versions beside the job, or in the person's own folder again. */
    public void moveVersions() {
        desk.bench()
                .file()
                .ifPresentOrElse(
                        f -> progress.runFile(
                                Words.of("progress.versions"),
                                () -> {
                                    VersionStore store = VersionStore.of(f);
                                    store.keepBeside(!store.isBeside());
                                    return store.isBeside();
                                },
                                beside -> desk.notices()
                                        .say(Words.of(beside ? "versions.nowBeside" : "versions.nowApart"))),
                        () -> desk.notices().refuse(Words.of("versions.notSaved")));
    }
}
