package rondel.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import rondel.desktop.desk.Desk;
import rondel.desktop.files.Questions;
import rondel.formats.job.JobFile;
import rondel.formats.journal.Journal;
import rondel.job.Job;
import rondel.words.Refusal;

/** Offers work that a crash left behind, one piece at a start: what is not answered yet is offered at the next. */
public final class Recovery {

    private final Desk desk;
    private final Questions questions;
    private final JournalRecorder recorder;

    public Recovery(Desk desk, Questions questions, JournalRecorder recorder) {
        this.desk = desk;
        this.questions = questions;
        this.recorder = recorder;
    }

    /** Work left over, and the job as its own file has it, where that can be read. */
    private record Offer(Journal.Recovered work, Optional<Job> saved) {}

    private record Found(List<Offer> offers, List<String> unreadable) {}

    public void offer(Path journals) {
        desk.workers().run(() -> find(journals), this::ask, desk.notices()::failed, () -> {});
    }

    private static Found find(Path journals) {
        List<String> unreadable = new ArrayList<>();
        List<Offer> offers = Journal.leftOver(journals, unreadable::add).stream()
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
            Journal.Recovered work = offer.work;
            int edits = (int) Stream.iterate(work.history().past(), Optional::isPresent, p -> p.get()
                            .next())
                    .count();
            if (questions.recover(work.history().job().title(), edits)) {
                desk.bench().open(work.history(), work.origin(), offer.saved);
                recorder.whenWritten(work::discard);
                return;
            }
            work.discard();
        }
    }
}
