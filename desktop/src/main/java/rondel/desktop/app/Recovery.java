package rondel.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.JobActions;
import rondel.desktop.files.Questions;
import rondel.formats.job.JobFile;
import rondel.formats.journal.LeftOver;
import rondel.formats.journal.LetGo;
import rondel.job.Job;
import rondel.words.Refusal;
import rondel.words.Words;

/** Offers work that a crash left behind, one piece at a start: what is not answered yet is offered at the next. */
public final class Recovery {

    private final Desk desk;
    private final JobActions actions;
    private final Questions questions;
    private final JournalRecorder recorder;

    public Recovery(Desk desk, JobActions actions, Questions questions, JournalRecorder recorder) {
        this.actions = actions;
        this.desk = desk;
        this.questions = questions;
        this.recorder = recorder;
    }

    /** Work left over, and the job as its own file has it, where that can be read. */
    private record Offer(LeftOver work, Optional<Job> saved) {}

    private record Found(List<Offer> offers, List<String> unreadable) {}

    public void offer(Path journals) {
        desk.workers().run(() -> find(journals), this::ask, desk.notices()::failed, () -> {});
    }

    private static Found find(Path journals) throws IOException {
        LetGo.clear(journals, Instant.now());
        List<String> unreadable = new ArrayList<>();
        List<Offer> offers = LeftOver.in(journals, unreadable::add).stream()
                .map(work -> new Offer(work, saved(work.origin(), unreadable)))
                .toList();
        return new Found(offers, unreadable);
    }

    private static Optional<Job> saved(Optional<Path> origin, List<String> unreadable) {
        try {
            return origin.filter(Files::exists).map(JobFile::read);
        } catch (Refusal e) {
            unreadable.add(e.getMessage());
            return Optional.empty();
        }
    }

    private void ask(Found found) {
        found.unreadable.forEach(desk.notices()::refuse);
        for (Offer offer : found.offers) {
            String title = offer.work.history().job().title();
            switch (questions.recover(title, offer.work.edits(), offer.work.lost())) {
                case BRING_BACK -> {
                    bringBack(offer);
                    return;
                }
                case NOT_NOW -> {
                    // It stays where it is, and is offered at the next start.
                }
                case LET_GO -> letGo(offer.work, title);
            }
        }
    }

    private void bringBack(Offer offer) {
        LeftOver work = offer.work;
        desk.bench().open(work.history(), work.origin(), offer.saved);
        work.origin().filter(Files::exists).ifPresent(actions::holdAgain);
        recorder.whenWritten(work::discard);
        if (work.lost() > 0) {
            desk.notices().refuse(Words.of("journal.lost", work.lost()));
        }
    }

    private void letGo(LeftOver work, String title) {
        if (!questions.letGo(title)) {
            return;
        }
        try {
            LetGo.keep(work);
        } catch (IOException e) {
            desk.notices().failed(e);
        }
    }
}
